<?php

declare(strict_types=1);

namespace StoneMill\Tests;

use StoneMill\Ask\Question;

/** Every number of the published question schemas that has limits, each in the smallest document that carries it. */
final class PublishedLimits
{
    private const MOMENT = '2026-03-01T12:30:00+00:00';

    public function __construct(private readonly FormatFiles $files)
    {
    }

    /** @return iterable<string, array{list<string|int>, array<string, mixed>, string}> place, the schema of the number and its file */
    public function of(Question $question): iterable
    {
        yield from $this->numbers(...[...$this->files->ofQuestion($question), []]);
    }

    /**
     * The smallest document that has this value in this place.
     *
     * @param list<string|int> $place
     */
    public function document(Question $question, array $place, float $value): mixed
    {
        return $this->smallest(...[...$this->files->ofQuestion($question), $place, $value, '']);
    }

    /**
     * @param array<string, mixed> $schema
     * @param list<string|int> $place
     * @return iterable<string, array{list<string|int>, array<string, mixed>, string}>
     */
    private function numbers(array $schema, string $file, array $place): iterable
    {
        [$schema, $file] = $this->files->followed($schema, $file);
        if (array_intersect(['minimum', 'maximum', 'exclusiveMinimum', 'exclusiveMaximum'], array_keys($schema)) !== []) {
            yield implode('.', $place) => [$place, $schema, $file];
        }
        foreach (self::alternatives($schema) as $alternative) {
            yield from $this->numbers($alternative, $file, $place);
        }
        foreach ((array) ($schema['properties'] ?? []) as $name => $property) {
            yield from $this->numbers((new Said($property))->fields(), $file, [...$place, (string) $name]);
        }
        if (is_array($schema['items'] ?? null)) {
            yield from $this->numbers((new Said($schema['items']))->fields(), $file, [...$place, 0]);
        }
        if (is_array($schema['additionalProperties'] ?? null)) {
            yield from $this->numbers((new Said($schema['additionalProperties']))->fields(), $file, [...$place, 'bag']);
        }
    }

    /**
     * @param array<string, mixed> $schema
     * @param list<string|int> $place what is still to go
     */
    private function smallest(array $schema, string $file, array $place, float $value, string $name): mixed
    {
        [$schema, $file] = $this->files->followed($schema, $file);
        foreach (self::alternatives($schema) as $alternative) {
            [$followed] = $this->files->followed($alternative, $file);
            if ($place === [] || isset(((array) ($followed['properties'] ?? []))[$place[0]]) || isset($followed['items'])) {
                return $this->smallest($alternative, $file, $place, $value, $name);
            }
        }
        if ($place === [] && (isset($schema['minimum']) || isset($schema['maximum']) || isset($schema['exclusiveMinimum']))) {
            return ($schema['type'] ?? '') === 'integer' && $value === floor($value) ? (int) $value : $value;
        }
        if (isset($schema['items'])) {
            $least = max(1, is_numeric($schema['minItems'] ?? null) ? (int) $schema['minItems'] : 1);

            return [
                $this->smallest((new Said($schema['items']))->fields(), $file, array_slice($place, 1), $value, $name),
                ...array_fill(0, $least - 1, $this->smallest((new Said($schema['items']))->fields(), $file, [], 0, $name)),
            ];
        }
        if (isset($schema['properties']) || isset($schema['additionalProperties']) && is_array($schema['additionalProperties'])) {
            return $this->object($schema, $file, $place, $value);
        }

        return $this->plain($schema, $name);
    }

    /**
     * @param array<string, mixed> $schema
     * @param list<string|int> $place
     * @return array<string, mixed>
     */
    private function object(array $schema, string $file, array $place, float $value): array
    {
        $step = $place[0] ?? null;
        $required = (array) ($schema['required'] ?? []);
        foreach ((array) ($schema['oneOf'] ?? []) as $alternative) {
            $names = (array) (((array) $alternative)['required'] ?? []);
            if (in_array($step, $names, true) || $step === null || ! self::isAlternative($schema, $step)) {
                $required = [...$required, ...$names];
                break;
            }
        }
        $document = [];
        foreach ((array) ($schema['properties'] ?? []) as $name => $property) {
            if ($name === $step) {
                $document[(string) $name] = $this->smallest((new Said($property))->fields(), $file, array_slice($place, 1), $value, (string) $name);
            } elseif (in_array($name, $required, true)) {
                $document[(string) $name] = $this->smallest((new Said($property))->fields(), $file, [], self::usual((new Said($property))->fields()), (string) $name);
            }
        }
        if ($step === 'bag' && is_array($schema['additionalProperties'] ?? null)) {
            $document['bag'] = $this->smallest((new Said($schema['additionalProperties']))->fields(), $file, array_slice($place, 1), $value, '');
        }

        return $document;
    }

    /** @param array<string, mixed> $schema */
    private static function isAlternative(array $schema, string|int $step): bool
    {
        foreach ((array) $schema['oneOf'] as $alternative) {
            if (in_array($step, (array) (((array) $alternative)['required'] ?? []), true)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, mixed> $schema */
    private static function usual(array $schema): float
    {
        $least = $schema['minimum'] ?? $schema['exclusiveMinimum'] ?? 0;
        $most = $schema['maximum'] ?? $schema['exclusiveMaximum'] ?? $least;

        return is_numeric($least) && is_numeric($most) ? floor(0.8 * $least + 0.2 * $most) : 0.0;
    }

    /** @param array<string, mixed> $schema */
    private function plain(array $schema, string $name): mixed
    {
        $type = is_array($schema['type'] ?? null) ? $schema['type'][0] : $schema['type'] ?? 'string';

        return match (true) {
            isset($schema['enum']) => ((array) $schema['enum'])[0],
            array_key_exists('const', $schema) => $schema['const'],
            $type === 'number', $type === 'integer' => self::usual($schema) === 0.0 ? 1 : self::usual($schema),
            $type === 'boolean' => true,
            $name === 'style' => 'pressed-masa',
            in_array($name, ['ingredient', 'replace', 'like', 'flours', 'without', 'larder', 'only'], true) => 'sorghum',
            $name === 'id' => 'own-flour',
            ($schema['format'] ?? '') === 'date-time' || str_ends_with($name, '_at') => self::MOMENT,
            default => 'a name',
        };
    }

    /**
     * @param array<string, mixed> $schema
     * @return list<array<string, mixed>> what may stand here instead, null aside
     */
    private static function alternatives(array $schema): array
    {
        $found = [];
        foreach (isset($schema['properties']) ? [] : [...(array) ($schema['oneOf'] ?? []), ...(array) ($schema['anyOf'] ?? [])] as $alternative) {
            if (is_array($alternative) && ($alternative['type'] ?? '') !== 'null' && array_keys($alternative) !== ['required']) {
                $found[] = (new Said($alternative))->fields();
            }
        }

        return $found;
    }
}
