<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/** A dough rolled and cut until less than a disc is left. */
final readonly class CutDough
{
    /**
     * @param list<CutSheet> $sheets one a rolling
     * @param Disc|null $lastPiece patted from what is left; null where it is not worth the heat
     */
    public function __construct(public float $discGrams, public int $count, public array $sheets, public float $leftGrams, public ?Disc $lastPiece)
    {
    }
}
