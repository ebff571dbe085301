<?php

declare(strict_types=1);

namespace StoneMill\Tests;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Random input that is the same on every run: a failing case can be found again by its number. */
final class Seeded
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    public function int(int $low, int $high): int
    {
        return $this->random->getInt($low, $high);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
