<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\Role;

/** Who takes water up and who brings some, line by line, at one warmth of the dough. */
final readonly class Ledger
{
    /** Hands judge "ready" no finer than this, as a share of the flour base. Own planning estimate. */
    private const FEEL_DEVIATION = 0.012;

    /**
     * What no catalogue knows: between brands, grinds and kitchens the same flour takes 10–20 % more or less. Half of eight times in
     * ten within 15 %, as a share of all that is taken up; common to all lines of a dough. Planning estimate.
     */
    private const KITCHEN_DEVIATION = 0.15 / Spread::DECILE_DEVIATIONS;

    /** @param list<LedgerRow> $rows */
    private function __construct(public array $rows, public float $flourBaseGrams, private float $varianceGrams)
    {
    }

    /** @param list<Uptake> $uptakes */
    public static function of(array $uptakes, Warmth $warmth): self
    {
        $flourBase = array_sum(array_map(
            static fn (Uptake $uptake): float => $uptake->line->ingredient->role->isFlourBase() ? $uptake->line->grams : 0.0,
            $uptakes,
        ));
        $bindersShare = Uptake::bindersShare($uptakes, $warmth);
        $rows = array_map(static fn (Uptake $uptake): LedgerRow => LedgerRow::of($uptake, $flourBase, $warmth, $bindersShare), $uptakes);
        $variance = array_sum(array_map(static fn (LedgerRow $row): float => $row->deviationGrams ** 2, $rows));

        $taken = array_sum(array_map(static fn (LedgerRow $row): float => $row->takesGrams, $rows));

        return new self($rows, $flourBase, $variance + (self::FEEL_DEVIATION * $flourBase) ** 2 + (self::KITCHEN_DEVIATION * $taken) ** 2);
    }

    /** Added water that the dough wants: what is taken less what is brought. Negative where it is too wet without any. */
    public function neededGrams(): float
    {
        return $this->takenGrams() - $this->broughtGrams();
    }

    public function takenGrams(): float
    {
        return array_sum(array_map(static fn (LedgerRow $row): float => $row->takesGrams, $this->rows));
    }

    public function broughtGrams(): float
    {
        return array_sum(array_map(static fn (LedgerRow $row): float => $row->bringsGrams, $this->rows));
    }

    public function deviationGrams(): float
    {
        return sqrt($this->varianceGrams);
    }

    /** The part of the deviation that comes from measuring alone. */
    public function measuringDeviationGrams(): float
    {
        return sqrt(array_sum(array_map(static fn (LedgerRow $row): float => $row->measuringDeviationGrams ** 2, $this->rows)));
    }

    /** Grams of everything but the added water. */
    public function dryGrams(): float
    {
        return array_sum(array_map(static fn (LedgerRow $row): float => $row->line->grams, $this->rows));
    }

    /** The row of that role that there is most of. */
    public function most(Role $role): ?LedgerRow
    {
        $most = null;
        foreach ($this->rows as $row) {
            if ($row->line->ingredient->role === $role && $row->percent > ($most->percent ?? 0.0)) {
                $most = $row;
            }
        }

        return $most;
    }

    public function hasStarch(): bool
    {
        return array_filter($this->rows, static fn (LedgerRow $row): bool => $row->line->ingredient->swelling !== null && $row->line->grams > 0) !== [];
    }

    /** Share of the starch-bearing flour, by weight, whose starch has swollen. */
    public function swollenShare(): float
    {
        $starchy = array_filter($this->rows, static fn (LedgerRow $row): bool => $row->line->ingredient->swelling !== null);
        $grams = array_sum(array_map(static fn (LedgerRow $row): float => $row->line->grams, $starchy));

        return $grams <= 0 ? 0.0 : array_sum(array_map(
            static fn (LedgerRow $row): float => $row->line->grams * $row->swollenShare,
            $starchy,
        )) / $grams;
    }

    /** Points of the binding index; see docs/model.md. */
    public function bindingIndex(): float
    {
        return array_sum(array_map(static fn (LedgerRow $row): float => $row->bindingPoints, $this->rows));
    }
}
