<?php

declare(strict_types=1);

namespace StoneMill\Style;

/**
 * The choices that practitioners disagree on, each with what it buys, in the order of the work.
 *
 * @phpstan-type SchoolRow array{step: string, name: string, options: list<array{id: string, name: string, buys: string}>}
 */
final readonly class Schools
{
    /** @param list<SchoolRow> $rows */
    private function __construct(public array $rows)
    {
    }

    /** @param list<SchoolRow> $rows */
    public static function read(array $rows): self
    {
        return new self($rows);
    }
}
