<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** In which order the levels come: each once in every round, shuffled from a seed, so that neither days nor a rising hand decide. */
final class Order
{
    /** @return list<int> levels by their place, round after round */
    public static function of(int $levels, int $rounds, int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $order = [];
        for ($round = 0; $round < $rounds; $round++) {
            $order = [...$order, ...array_map(intval(...), $chance->shuffleArray(range(0, $levels - 1)))];
        }

        return $order;
    }
}
