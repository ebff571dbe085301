<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Trial\Found;
use StoneMill\Trial\Interval;
use StoneMill\Trial\LevelFound;

/** What the points of a trial say. */
final readonly class AnalysisDocument
{
    public function __construct(private Found $found)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $apart = $this->found->difference;
        $slope = $this->found->slope;

        return [
            'standing' => $this->found->standing->value,
            'words' => $this->found->words,
            'levels' => array_map(self::level(...), $this->found->levels),
            'best' => $this->found->best,
            'second' => $this->found->second,
            'difference' => $apart === null ? null : [
                'value' => round($apart->difference, 6),
                'in_ranks' => $apart->inRanks,
                'eighty' => self::interval($apart->eighty),
                'ninety_five' => self::interval($apart->ninetyFive),
                'chance' => round($apart->chance, 4),
            ],
            'slope' => $slope === null ? null : [
                'per_unit' => round($slope->perUnit, 6),
                'eighty' => self::interval($slope->eighty),
                'ninety_five' => self::interval($slope->ninetyFive),
                'chance_rising' => round($slope->chanceRising, 4),
            ],
            'more' => $this->found->more,
            'next' => $this->found->next,
        ];
    }

    /** @return array{name: string, value: float|null, count: int, mean: float|null, points: list<float>} */
    private static function level(LevelFound $found): array
    {
        $mean = $found->mean();

        return ['name' => $found->level->name, 'value' => $found->level->value, 'count' => count($found->values), 'mean' => $mean === null ? null : round($mean, 6), 'points' => $found->values];
    }

    /** @return array{low: float|null, high: float|null} */
    private static function interval(Interval $interval): array
    {
        return ['low' => $interval->low === null ? null : round($interval->low, 6), 'high' => $interval->high === null ? null : round($interval->high, 6)];
    }
}
