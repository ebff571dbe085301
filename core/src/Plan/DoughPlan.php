<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\BindingNeed;
use StoneMill\Dough\Conditions;
use StoneMill\Dough\Ledger;
use StoneMill\Dough\LedgerRow;
use StoneMill\Dough\Pour;
use StoneMill\Dough\Rise;
use StoneMill\Dough\WaterNeed;
use StoneMill\Dough\WaterParts;
use StoneMill\Dough\WeighedLine;
use StoneMill\Measure\Figure;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;

/** The dough of a batch: its lines, its water, its temperature, its hold and its rise. */
final readonly class DoughPlan
{
    /**
     * @param list<WeighedLine> $lines without the added water
     * @param Ledger $ledger at the mix temperature
     * @param float $waterCelsius below zero it stands for ice; see WaterParts
     * @param ScaldAdvice|null $scald where the bread wants swollen starch
     * @param float $batterGrams added water that would make a batter of the same lines
     */
    public function __construct(
        public array $lines,
        public Ledger $ledger,
        public Conditions $conditions,
        public WaterNeed $need,
        public Pour $pour,
        public float $waterCelsius,
        public WaterParts $waterParts,
        public float $mixCelsius,
        public float $kneadedCelsius,
        public Figure $waterFigure,
        public Figure $handWarmMinutes,
        public bool $waterFallsShort,
        public ?ScaldAdvice $scald,
        public ?Rise $rise,
        public BindingNeed $bindingNeed,
        public float $batterGrams,
        public Known $known,
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

    /** Its binding over what its shaping needs. */
    public function bindingShare(): float
    {
        return $this->ledger->bindingIndex() / max(1.0, $this->bindingNeed->index);
    }

    /** Points of hydration by which it is wetter than it asks for. */
    public function pointsOverNeed(): float
    {
        return 100 * ($this->pour->grams - $this->need->grams()) / $this->ledger->flourBaseGrams;
    }

    /** Water in g that salt draws out of the vegetables within so many minutes. */
    public function drawnGrams(float $minutes): float
    {
        $held = array_sum(array_map(static fn (LedgerRow $row): float => $row->line->ingredient->role === Role::Vegetable ? $row->ownWaterGrams : 0.0, $this->ledger->rows));

        return $held * $this->conditions->saltDraw->shareAfter($minutes);
    }

    /** @return list<WeighedLine> with the added water as a line of its own */
    public function linesWithWater(Ingredient $water): array
    {
        return [...$this->lines, new WeighedLine($water, $this->pour->grams, 0.0, null)];
    }
}
