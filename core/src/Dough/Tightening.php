<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Pantry\Role;

/**
 * How a mixed dough goes on changing while it waits: gums, psyllium and seeds drink on and tighten it, vegetables give up water and
 * slacken it. Points of hydration by which it feels drier than when it was mixed; below 0 where it feels wetter.
 */
final readonly class Tightening
{
    /** For each percent of binder on the flour, once it has drunk its fill; kneading sees half of it. Planning estimate. */
    private const POINTS_PER_PERCENT = 1.2;

    private const MINUTES = 8.0;

    /** Less than this no hand feels. */
    private const FELT_POINTS = 2.0;

    private function __construct(public float $points)
    {
    }

    /**
     * @param float $drawnGrams of water that vegetables give up meanwhile
     * @param float $minutes that it waits
     */
    public static function of(Ledger $ledger, float $drawnGrams, float $minutes): self
    {
        $binders = array_sum(array_map(static fn (LedgerRow $row): float => $row->line->ingredient->role === Role::Binder ? $row->percent : 0.0, $ledger->rows));

        return new self(self::POINTS_PER_PERCENT * $binders * (1 - exp(-$minutes / self::MINUTES)) - 100 * $drawnGrams / $ledger->flourBaseGrams);
    }

    public function isFelt(): bool
    {
        return abs($this->points) >= self::FELT_POINTS;
    }

    /** Null where no hand feels it. */
    public function inWords(): ?string
    {
        return match (true) {
            ! $this->isFelt() => null,
            $this->points > 0 => sprintf('It tightens by about %.0f points while it rests: leave it a grade wetter than ready now, and feel it again after.', $this->points),
            default => sprintf('It slackens by about %.0f points while it rests: leave it a grade drier than ready now, and feel it again after.', -$this->points),
        };
    }
}
