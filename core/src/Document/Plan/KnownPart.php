<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Plan\Known;
use StoneMill\Plan\KnownBag;

/** What the record says of each known bag of this dough. */
final readonly class KnownPart
{
    public function __construct(private Known $known)
    {
    }

    /** @return list<array{ingredient: string, lot: string|null, name: string, points: float, deviation: float, batches: int, words: string}> */
    public function json(): array
    {
        return array_map(static fn (KnownBag $bag): array => [
            'ingredient' => $bag->line->ingredient->id,
            'lot' => $bag->line->lot,
            'name' => $bag->line->ingredient->name,
            'points' => round($bag->water->points, 4),
            'deviation' => round($bag->water->deviation, 4),
            'batches' => $bag->water->batches,
            'words' => $bag->inWords(),
        ], $this->known->bags);
    }
}
