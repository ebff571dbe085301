<?php

declare(strict_types=1);

namespace StoneMill\Document\Record;

use StoneMill\Dough\WaterPour;
use StoneMill\Record\Bowl;
use StoneMill\Record\BowlLine;

/** What is in the bowl, and the water that it wants. */
final readonly class BowlPart
{
    public function __construct(private Bowl $bowl)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        [$wanted, $first] = [$this->bowl->wantedWaterGrams(), $this->bowl->wantedFirstPourGrams()];

        return [
            'lines' => array_map(self::line(...), $this->bowl->lines()),
            'flour_base_grams' => round($this->bowl->flourBaseGrams(), 4),
            'water_grams' => round($this->bowl->waterGrams(), 4),
            'hydration_percent' => round($this->bowl->hydrationPercent(), 4),
            'hydration_low_percent' => round($this->bowl->hydrationBand()['low'], 4),
            'hydration_high_percent' => round($this->bowl->hydrationBand()['high'], 4),
            'hydration_shares' => array_map(static fn (float $share): float => round($share, 6), $this->bowl->hydrationShares()),
            'corrections' => $this->bowl->tally->corrections,
            'rescue' => $this->bowl->rescue(),
            'dough_grams' => round($this->bowl->doughGrams(), 4),
            'whole_dough_grams' => round($this->bowl->wholeDoughGrams(), 4),
            'kept_share' => round($this->bowl->plan->keptShare, 6),
            'was_felt' => $this->bowl->wasEverFelt(),
            'piece_grams' => round($this->bowl->pieceGrams(), 4),
            'celsius' => $this->bowl->tally->celsius,
            'feel' => $this->bowl->tally->feel?->value,
            'water' => [
                'grams' => round($wanted, 4),
                'first_pour_grams' => round($first, 4),
                'reserve_grams' => round($wanted - $first, 4),
                'jug' => array_map(static fn (WaterPour $pour): array => ['kind' => $pour->kind->value, 'grams' => round($pour->grams, 4), 'celsius' => $pour->celsius], $this->bowl->plan->jug($wanted)),
                'follows_weights' => ! $this->bowl->isAsPlanned(),
            ],
            'reserve_left_grams' => round(max(0.0, $wanted - max($this->bowl->waterGrams(), $first)), 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(BowlLine $line): array
    {
        return [
            'ingredient' => $line->planned->ingredient,
            'name' => $line->planned->name,
            'planned_grams' => round($line->planned->grams, 4),
            'grams' => round($line->grams, 4),
            'measured' => $line->isMeasured,
            'is_flour' => $line->planned->role->isFlourBase(),
            'water_per_gram' => round($line->waterPerGram, 6),
        ];
    }
}
