<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Mill\HomeMilling;

/** Grain to flour: what goes in, what stays behind, and what the grind does to the water. */
final readonly class MillingDocument
{
    public function __construct(private HomeMilling $milling)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $grind = $this->milling->grindAfterSieve();

        return [
            'grain' => $this->milling->grain,
            'grain_grams' => Figures::json(Figure::exact($this->milling->grainGrams, Unit::Gram, Reason::saying('Clean, dry grain.'))),
            'flour_grams' => Figures::json(Figure::spread($this->milling->flour(), Unit::Gram, Reason::amount('In the mill stay', 100 * HomeMilling::millLoss()->likely, Unit::Percent), Reason::amount('In the sieve stay', 100 * $this->milling->heldBackShare(), Unit::Percent))),
            'held_back_grams' => Figures::json(Figure::exact($this->milling->heldBackGrams(), Unit::Gram, Reason::saying('Bran and grit: regrind it, or keep it for dusting.'))),
            'lost_grams' => Figures::json(Figure::spread(HomeMilling::millLoss()->multipliedBy($this->milling->grainGrams), Unit::Gram, Reason::saying('Dust and what sticks in the mill.'))),
            'grind' => $grind->value,
            'absorption_change_percent' => round(100 * ($grind->absorptionFactor() - 1), 4),
            'spread_factor' => $grind->spreadFactor(),
        ];
    }
}
