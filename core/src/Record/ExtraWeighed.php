<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** Something beside the dough: as planned for the pieces that there will be, and as it was weighed. */
final readonly class ExtraWeighed
{
    /** @param float|null $grams null until it was weighed */
    public function __construct(public ExtraOfPlan $planned, public float $plannedGrams, public ?float $grams)
    {
    }
}
