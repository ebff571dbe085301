<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Dough\Exception\UnworkableFormula;
use StoneMill\Measure\Rounding;
use StoneMill\School\Measuring;

/** What goes into the bowl besides the water that is still to be found. */
final readonly class Formula
{
    /** How far flour percentages may be from 100 before they are a mistake rather than rounding. */
    private const PERCENT_SLACK = 0.5;

    /** @param list<FormulaLine> $lines without the water line */
    private function __construct(public array $lines, private ?FormulaLine $water)
    {
    }

    /**
     * @param list<FormulaLine> $lines a line of water is the cook's own wish for the added water
     *
     * @throws UnworkableFormula If there is no flour, or the flour percentages do not fit together.
     */
    public static function of(array $lines): self
    {
        $isWater = static fn (FormulaLine $line): bool => $line->ingredient->id === 'water';
        $formula = new self(
            array_values(array_filter($lines, static fn (FormulaLine $line): bool => ! $isWater($line))),
            array_values(array_filter($lines, $isWater))[0] ?? null,
        );
        $formula->refuseIfUnworkable();

        return $formula;
    }

    /** A formula all in percent has no size of its own; the pieces wanted give it one. */
    public function isScalable(): bool
    {
        return $this->flourGrams() === 0.0;
    }

    /** Every line in grams times a factor; percentages stay, since they follow the flour. */
    public function times(float $factor): self
    {
        $scaled = static fn (FormulaLine $line): FormulaLine => $line->grams === null ? $line : $line->weighing($line->grams->multipliedBy($factor));

        return new self(array_map($scaled, $this->lines), $this->water === null ? null : $scaled($this->water));
    }

    /** Whether any line is measured by volume, which leaves its grams unsure. */
    public function hasVolumes(): bool
    {
        return array_filter($this->lines, static fn (FormulaLine $line): bool => ($line->grams?->deviation() ?? 0.0) > 0) !== [];
    }

    /** A line by its ingredient, or null. */
    public function line(string $ingredient): ?FormulaLine
    {
        foreach ($this->lines as $line) {
            if ($line->ingredient->id === $ingredient) {
                return $line;
            }
        }

        return null;
    }

    /** Grams of flour base, or null where only the wanted pieces can tell. */
    public function flourBaseGrams(): ?float
    {
        return $this->isScalable() ? null : $this->flourGrams() / (1 - $this->flourPercent() / 100);
    }

    /** The cook's own added water in % of flour base, or null where it is to be found. */
    public function wishedHydrationPercent(float $flourBaseGrams): ?float
    {
        return $this->water === null ? null : $this->water->percent ?? 100 * ($this->water->grams->likely ?? 0.0) / $flourBaseGrams;
    }

    /**
     * The lines as they are weighed. Amounts that come from percentages are rounded to what a scale can show;
     * amounts that the cook named stay as named.
     *
     * @return list<WeighedLine>
     */
    public function weighed(float $flourBaseGrams, Measuring $measuring, float $resolutionGrams): array
    {
        return array_map(static function (FormulaLine $line) use ($flourBaseGrams, $measuring, $resolutionGrams): WeighedLine {
            $grams = $line->grams->likely ?? Rounding::kitchen(($line->percent ?? 0.0) / 100 * $flourBaseGrams, $resolutionGrams);
            $deviation = max($line->grams?->deviation() ?? 0.0, $grams * $measuring->relativeDeviation());

            return new WeighedLine($line->ingredient, $grams, $deviation, $line->lot, $line->grind);
        }, $this->lines);
    }

    private function flourGrams(): float
    {
        return array_sum(array_map(
            static fn (FormulaLine $line): float => $line->ingredient->role->isFlourBase() ? $line->grams->likely ?? 0.0 : 0.0,
            $this->lines,
        ));
    }

    private function flourPercent(): float
    {
        return array_sum(array_map(
            static fn (FormulaLine $line): float => $line->ingredient->role->isFlourBase() ? $line->percent ?? 0.0 : 0.0,
            $this->lines,
        ));
    }

    private function refuseIfUnworkable(): void
    {
        $percent = $this->flourPercent();
        if ($this->isScalable() && $percent === 0.0) {
            throw UnworkableFormula::withoutFlour();
        }
        if ($this->isScalable() && abs($percent - 100) > self::PERCENT_SLACK) {
            throw UnworkableFormula::flourPercent($percent);
        }
        if (! $this->isScalable() && $percent > 100 - self::PERCENT_SLACK) {
            throw UnworkableFormula::mixedFlourPercent($percent);
        }
    }
}
