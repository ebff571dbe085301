<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RegexIterator;

/** A name means one thing in the whole house: who reads it need not look which room it comes from. */
final class NamesTest extends TestCase
{
    public function test_no_two_classes_have_one_name(): void
    {
        $seen = [];
        foreach (['app', 'core/src'] as $floor) {
            $folder = dirname(__DIR__, 2).'/'.$floor;
            $files = new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder)), '/\.php$/');
            foreach (array_keys(iterator_to_array($files)) as $path) {
                $seen[basename($path)][] = substr($path, strlen($folder) - strlen($floor));
            }
        }
        self::assertGreaterThan(500, count($seen));
        self::assertSame([], array_filter($seen, static fn (array $places): bool => count($places) > 1));
    }
}
