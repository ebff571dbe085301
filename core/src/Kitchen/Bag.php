<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

use StoneMill\Pantry\LotFacts;

/** One bag on the shelf: what is in it, since when it is open, and what a plan must know of it. */
final readonly class Bag
{
    /** Characters. */
    public const LONGEST_LABEL = 80;

    /**
     * @param string|null $openedOn day as 2026-03-01; null where it is still sealed, or nobody said
     * @param string|null $emptiedOn day; null while there is something in it
     * @param int $cameIn later bags have higher numbers
     */
    public function __construct(
        public string $id,
        public string $ingredient,
        public ?string $openedOn,
        public ?string $emptiedOn,
        public int $cameIn,
        public LotFacts $facts,
    ) {
    }

    /** Bags opened the same day are taken by when they came in. */
    public function isNewerThan(self $other): bool
    {
        return [$this->openedOn ?? '', $this->cameIn] > [$other->openedOn ?? '', $other->cameIn];
    }
}
