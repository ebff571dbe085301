<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** One line of the formula as it stands in the bowl. */
final readonly class BowlLine
{
    /**
     * @param float $grams in the bowl, with what corrections brought; 0 until it was weighed
     * @param float $waterPerGram that each gram of it beside the plan asks for: a tablet that the house does not answer goes on by it
     */
    public function __construct(public LineOfPlan $planned, public float $grams, public bool $isMeasured, public float $waterPerGram)
    {
    }
}
