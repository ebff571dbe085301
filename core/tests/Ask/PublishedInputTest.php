<?php

declare(strict_types=1);

namespace StoneMill\Tests\Ask;

use BackedEnum;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\Allergen;
use StoneMill\Pantry\Family;
use StoneMill\Pantry\GlutenNature;
use StoneMill\Pantry\Role;
use StoneMill\Pantry\SourceKind;
use StoneMill\School\ActionKind;
use StoneMill\School\Finish;
use StoneMill\School\Stage;
use StoneMill\Tests\FormatFiles;
use StoneMill\Tests\Said;

/** What the contract says of everything that may be sent: each number between two limits, each text and list with its longest, each choice by the core's own names. */
final class PublishedInputTest extends TestCase
{
    /** Counted up by the house one by one, for ever. */
    private const COUNTED = ['version', 'revision', 'after', 'seen'];

    private const BOUNDS_OF_A_TEXT = ['maxLength', 'enum', 'const', 'format', 'pattern'];

    /** @return iterable<string, array{array<string, mixed>}> the schema of each document that is sent, by method and path */
    public static function documents(): iterable
    {
        yield from self::files()->sent();
    }

    /** @param array<string, mixed> $schema */
    #[DataProvider('documents')]
    public function test_nothing_that_is_sent_is_without_its_limits(array $schema): void
    {
        self::assertSame([], [...self::unlimited(self::files(), $schema, 'openapi.yaml', '', [])]);
    }

    /**
     * @param class-string<BackedEnum> $enum
     * @param list<string> $beside what is no case of it
     */
    #[TestWith(['batch-plan.schema.json#/$defs/stage', Stage::class])]
    #[TestWith(['batch-plan.schema.json#/$defs/line_stage', Stage::class, [ActionKind::Preheat->value]])]
    #[TestWith(['batch-plan.schema.json#/$defs/action_kind', ActionKind::class])]
    #[TestWith(['batch-plan.schema.json#/$defs/unit', Unit::class])]
    #[TestWith(['batch-plan.schema.json#/$defs/role', Role::class])]
    #[TestWith(['batch-plan.schema.json#/$defs/allergen', Allergen::class])]
    #[TestWith(['batch-plan.schema.json#/properties/griddle/properties/finish', Finish::class])]
    #[TestWith(['openapi.yaml#/components/schemas/Ingredient/properties/family', Family::class])]
    #[TestWith(['openapi.yaml#/components/schemas/Ingredient/properties/gluten', GlutenNature::class])]
    #[TestWith(['openapi.yaml#/components/schemas/Ingredient/properties/source_kind', SourceKind::class])]
    public function test_a_choice_is_published_under_the_names_that_the_core_knows(string $place, string $enum, array $beside = []): void
    {
        [$schema] = self::files()->followed(['$ref' => "./$place"], 'openapi.yaml');
        self::assertSame([...array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()), ...$beside], $schema['enum'] ?? null);
    }

    /**
     * @param array<string, mixed> $schema
     * @param list<string> $within references that are being followed
     * @return iterable<string> places
     */
    private static function unlimited(FormatFiles $files, array $schema, string $file, string $place, array $within): iterable
    {
        $reference = is_string($schema['$ref'] ?? null) ? $file.' '.$schema['$ref'] : null;
        if ($reference !== null && in_array($reference, $within, true)) {
            return;
        }
        [$schema, $file] = $files->followed($schema, $file);
        $within = $reference === null ? $within : [...$within, $reference];
        foreach (['oneOf', 'anyOf', 'allOf'] as $several) {
            foreach ((array) ($schema[$several] ?? []) as $one) {
                yield from self::unlimited($files, (new Said($one))->fields(), $file, $place, $within);
            }
        }
        if (! self::isLimited($schema, $place)) {
            yield $place;
        }
        foreach ((array) ($schema['properties'] ?? []) as $name => $property) {
            yield from self::unlimited($files, (new Said($property))->fields(), $file, "$place.$name", $within);
        }
        foreach (['items' => '[]', 'additionalProperties' => '.*'] as $part => $sign) {
            if (is_array($schema[$part] ?? null)) {
                yield from self::unlimited($files, (new Said($schema[$part]))->fields(), $file, $place.$sign, $within);
            }
        }
    }

    /** @param array<string, mixed> $schema */
    private static function isLimited(array $schema, string $place): bool
    {
        $types = array_filter((array) ($schema['type'] ?? []), is_string(...));
        $isCounted = in_array(substr((string) strrchr($place, '.'), 1), self::COUNTED, true);
        $number = array_intersect(['number', 'integer'], $types) === [] || isset($schema['enum'])
            || ((isset($schema['minimum']) || isset($schema['exclusiveMinimum'])) && ($isCounted || isset($schema['maximum']) || isset($schema['exclusiveMaximum'])));

        return $number
            && (! in_array('string', $types, true) || array_intersect(self::BOUNDS_OF_A_TEXT, array_keys($schema)) !== [])
            && (! in_array('array', $types, true) || isset($schema['maxItems']));
    }

    private static function files(): FormatFiles
    {
        return new FormatFiles(dirname(__DIR__, 3).'/formats');
    }
}
