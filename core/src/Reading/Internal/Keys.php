<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Kitchen\PastBatch;

/** By what a batch is known again: its own name in the sheet, or else all that its row says; the second of two that are equal is a second batch. */
final class Keys
{
    /** For the number of a second one. */
    private const SPARE = 5;

    /** @var array<string, int> */
    private array $seen = [];

    public function next(string $name, string $row): string
    {
        $key = $name !== '' && mb_strlen($name) <= PastBatch::LONGEST_KEY - self::SPARE ? $name : substr(hash('sha256', $row), 0, 32);
        $times = $this->seen[$key] = ($this->seen[$key] ?? 0) + 1;

        return $times === 1 ? $key : "$key $times";
    }
}
