<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Document\Figures;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\LearnedKind;

/** The dough, and the pieces it is divided into. */
final readonly class PortionPart
{
    public function __construct(private BatchPlan $plan)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $portions = $this->plan->portions;

        return [
            'mixed_grams' => Figures::json(Figure::exact($portions->mixedGrams, Unit::Gram, Reason::saying('All lines and the water.'))),
            'lost_grams' => Figures::json(Figure::spread($portions->lostGrams, Unit::Gram, Reason::saying('What stays on bowl, spoon and hands.'), ...$this->plan->said(LearnedKind::BowlLoss))),
            'dough_grams' => Figures::json(Figure::exact(
                $portions->countdown->readingGrams,
                Unit::Gram,
                Reason::amount('Mixed', $portions->mixedGrams, Unit::Gram),
                Reason::amount('less', $portions->lostGrams->likely, Unit::Gram),
                Reason::saying('as the scale shows it.'),
            )),
            'piece_grams' => Figures::json(Figure::spread(
                $this->plan->pieceSpread(),
                Unit::Gram,
                Reason::amount('Dough', $portions->countdown->readingGrams, Unit::Gram),
                Reason::saying(sprintf('in %d equal pieces.', $portions->count)),
                ...$this->plan->said(LearnedKind::Evenness),
            )),
            'count' => $portions->count,
            'marks' => $portions->countdown->marks,
            'resolution_grams' => $portions->countdown->resolutionGrams,
            'divided_by' => $this->plan->request->pieces->dividing->value,
            'differ' => $this->differ(),
        ];
    }

    /** @return array{words: string, grams: array{low: float, high: float}, thickness_mm: array{low: float, high: float}, seconds: array{low: float, high: float}}|null */
    private function differ(): ?array
    {
        $uneven = $this->plan->unevenness();
        $band = static fn (Spread $of): array => ['low' => round($of->low, 2), 'high' => round($of->high, 2)];

        return $uneven === null ? null : ['words' => $uneven->words, 'grams' => $band($uneven->grams), 'thickness_mm' => $band($uneven->millimetres), 'seconds' => $band($uneven->seconds)];
    }
}
