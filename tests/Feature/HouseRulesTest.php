<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RegexIterator;

/** What holds for every file of the house and static analysis does not see. */
final class HouseRulesTest extends TestCase
{
    /** A name means one thing: who reads it need not look which room it comes from. */
    public function test_no_two_classes_have_one_name(): void
    {
        $seen = [];
        foreach ([...self::files('app'), ...self::files('core/src')] as $path) {
            $seen[basename($path)][] = $path;
        }
        self::assertGreaterThan(500, count($seen));
        self::assertSame([], array_filter($seen, static fn (array $places): bool => count($places) > 1));
    }

    /** Models and actions ask the database, so that a question stands once and not beside each row that is told. */
    public function test_no_document_builds_a_question_to_the_database(): void
    {
        $resources = self::files('app/Http/Resources');
        self::assertGreaterThan(5, count($resources));
        foreach ($resources as $path) {
            self::assertDoesNotMatchRegularExpression('/::query\(\)|\bDB::|->get\(|->load(Missing)?\(/', (string) file_get_contents($path), $path);
        }
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $found = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/'.$folder));

        return array_map(strval(...), array_keys(iterator_to_array(new RegexIterator($found, '/\.php$/'))));
    }
}
