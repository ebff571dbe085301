<?php

declare(strict_types=1);

namespace StoneMill\Swap;

use StoneMill\Dough\LedgerRow;
use StoneMill\Plan\BatchPlan;

/**
 * The lines of a formula in one measure: percent of the flour base where the formula has no size of its own, grams
 * where it has. Operations return a new set of lines.
 *
 * @phpstan-type Line array{ingredient: string, amount: float, lot: string|null, grind: string|null, goes_in: string|null}
 */
final readonly class Lines
{
    /** What binds, and what fattens, a formula that has nothing of the kind. */
    public const USUAL_BINDER = 'psyllium-powder';

    public const USUAL_FAT = 'sunflower-oil';

    /** Less than this in % of flour base is nothing that a cook would weigh. */
    private const LEAST_PERCENT = 0.05;

    /**
     * @param list<Line> $lines
     * @param float $perPercent amount that is one percent of the flour base
     */
    private function __construct(private array $lines, private string $measure, private float $perPercent)
    {
    }

    public static function ofPlan(BatchPlan $plan): self
    {
        $scalable = $plan->request->formula->isScalable();
        $exact = $plan->request->formula;

        return new self(
            array_map(static fn (LedgerRow $row): array => [
                'ingredient' => $row->line->ingredient->id,
                'amount' => $scalable ? $exact->line($row->line->ingredient->id)->percent ?? $row->percent : $row->line->grams,
                'lot' => $row->line->lot,
                'grind' => $row->line->grind->value,
                'goes_in' => $exact->line($row->line->ingredient->id)?->ownWay()?->value,
            ], $plan->dough->ledger->rows),
            $scalable ? 'percent' : 'grams',
            $scalable ? 1.0 : $plan->dough->ledger->flourBaseGrams / 100,
        );
    }

    public function percentOf(string $ingredient): float
    {
        return array_sum(array_map(static fn (array $line): float => $line['ingredient'] === $ingredient ? $line['amount'] : 0.0, $this->lines)) / $this->perPercent;
    }

    /** The lines with one replaced by another at a ratio; where the new one is there already, the two are one line. */
    public function replacing(string $old, string $new, float $ratio): self
    {
        $amount = $ratio * $this->percentOf($old);

        return $this->withPercent($new, $this->percentOf($new) + $amount, $old)->without($old);
    }

    /** @param string|null $before the line in whose place a new one comes */
    public function withPercent(string $ingredient, float $percent, ?string $before = null): self
    {
        if ($percent < self::LEAST_PERCENT) {
            return $this->without($ingredient);
        }
        $line = ['ingredient' => $ingredient, 'amount' => $percent * $this->perPercent, 'lot' => null, 'grind' => null, 'goes_in' => null];
        $lines = [];
        $isIn = false;
        foreach ($this->lines as $other) {
            if ($other['ingredient'] === $ingredient) {
                $lines[] = [...$other, 'amount' => $line['amount']];
                $isIn = true;
            } else {
                $lines[] = $other;
            }
        }
        if (! $isIn) {
            $at = array_search($before, array_column($lines, 'ingredient'), true);
            array_splice($lines, $at === false ? count($lines) : (int) $at, 0, [$line]);
        }

        return new self($lines, $this->measure, $this->perPercent);
    }

    public function fromBag(string $ingredient, string $lot): self
    {
        return new self(array_map(static fn (array $line): array => $line['ingredient'] === $ingredient ? [...$line, 'lot' => $lot] : $line, $this->lines), $this->measure, $this->perPercent);
    }

    /** @return list<array<string, string|float>> as a plan request has them */
    public function toRequest(): array
    {
        return array_map(fn (array $line): array => array_filter([
            'ingredient' => $line['ingredient'],
            $this->measure => round($line['amount'], 3),
            'lot' => $line['lot'],
            'grind' => $line['grind'] === 'shop' ? null : $line['grind'],
            'goes_in' => $line['goes_in'],
        ], static fn (string|float|null $value): bool => $value !== null), $this->lines);
    }

    private function without(string $ingredient): self
    {
        return new self(
            array_values(array_filter($this->lines, static fn (array $line): bool => $line['ingredient'] !== $ingredient)),
            $this->measure,
            $this->perPercent,
        );
    }
}
