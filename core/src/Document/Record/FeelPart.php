<?php

declare(strict_types=1);

namespace StoneMill\Document\Record;

use StoneMill\Document\Figures;
use StoneMill\Dough\Correction;
use StoneMill\Dough\FeelGrade;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\Record\Bowl;
use StoneMill\Record\PlannedBatch;

/** For each grade that a hand can feel: what to work in now, and what that makes of the pieces. */
final readonly class FeelPart
{
    public function __construct(private Bowl $bowl, private PlannedBatch $plan)
    {
    }

    /** @return list<array<string, mixed>> */
    public function json(): array
    {
        return array_map($this->answer(...), FeelGrade::cases());
    }

    /** @return array<string, mixed> */
    private function answer(FeelGrade $grade): array
    {
        $correction = $this->bowl->correctionFor($grade);
        $flour = $correction->flourGrams->likely;
        $dough = $this->bowl->wholeDoughGrams() + $correction->waterGrams->likely + $this->bowl->dryMixGrams($flour);
        $kept = $dough * $this->plan->keptShare;
        $piece = $this->bowl->wholeDoughGrams() * $this->plan->keptShare / $this->bowl->count();

        return [
            'grade' => $grade->value,
            'name' => $grade->inWords($this->plan->texture),
            'test' => $grade->test($this->plan->texture),
            'offset_points' => $grade->offsetPoints(),
            'water_grams' => $this->figure($correction->waterGrams, $correction),
            'flour_grams' => $this->figure($correction->flourGrams, $correction),
            'dry_mix' => $flour > 0 ? array_map(
                static fn (string $ingredient, float $grams): array => ['ingredient' => $ingredient, 'grams' => round($grams, 2)],
                array_keys($this->bowl->dryMix($flour)),
                array_values($this->bowl->dryMix($flour)),
            ) : [],
            'instruction' => $correction->instruction($this->plan->texture, $this->plan->restSeconds, $this->plan->spoons),
            'dough_grams_after' => round($dough, 4),
            'same_count_piece_grams' => round($kept / $this->bowl->count(), 4),
            'same_weight_count' => $piece > 0 ? (int) floor($kept / $piece + 1e-9) : $this->bowl->count(),
        ];
    }

    /** @return array<string, mixed>|null null where nothing of it is to be worked in */
    private function figure(Spread $grams, Correction $correction): ?array
    {
        return $grams->likely > 0 ? Figures::json(Figure::spread($grams, Unit::Gram, ...$this->reasons($correction))) : null;
    }

    /** @return list<Reason> */
    private function reasons(Correction $correction): array
    {
        return [
            Reason::amount('This feel is off by', $correction->grade->offsetPoints(), Unit::Point),
            Reason::amount('on a flour base of', $this->bowl->flourBaseGrams(), Unit::Gram),
            Reason::amount('Water in the bowl', $this->bowl->waterGrams(), Unit::Gram),
        ];
    }
}
