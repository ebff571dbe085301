<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Ledger;
use StoneMill\Dough\Pour;
use StoneMill\Dough\WeighedLine;
use StoneMill\Measure\Figure;

/** The dough of a batch: its lines, its water, its temperature. */
final readonly class DoughPlan
{
    /**
     * @param list<WeighedLine> $lines without the added water
     * @param Ledger $ledger at the mix temperature
     */
    public function __construct(
        public array $lines,
        public Ledger $ledger,
        public Pour $pour,
        public float $waterCelsius,
        public float $mixCelsius,
        public Figure $waterFigure,
        public Figure $handWarmMinutes,
        public bool $waterFallsShort,
    ) {
    }

    public function mixedGrams(): float
    {
        return $this->ledger->dryGrams() + $this->pour->grams;
    }

    public function hydrationPercent(): float
    {
        return 100 * $this->pour->grams / $this->ledger->flourBaseGrams;
    }

    /** @return list<WeighedLine> with the added water as a line of its own */
    public function linesWithWater(WeighedLine $water): array
    {
        return [...$this->lines, $water];
    }
}
