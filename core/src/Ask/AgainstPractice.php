<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Dough\WeighedLine;
use StoneMill\Exchange\Facts;
use StoneMill\Line\Clock;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Plan\Warning;
use StoneMill\Style\Style;

/** Every shipped bread as it is planned, beside what practice and the literature say of it: the table of `bin/mill check` and of docs/model.md. */
final readonly class AgainstPractice
{
    public const HEADINGS = ['bread', 'water, % of flour', 'practice', 'bread\'s own water, %', 'published', 'weight lost, %', 'practice', 'on the metal', 'practice', 'heat', 'faces', 'wanted', 'said'];

    /** @param array<string, array{float, float}> $moistures published, in % by weight, by style */
    private function __construct(private Reference $reference, private Planner $planner, private array $moistures)
    {
    }

    public static function shipped(Reference $reference, Planner $planner): self
    {
        $moistures = [];
        foreach (Facts::of('practice')->rows('breads') as $bread) {
            $moistures[$bread->text('style')] = $bread->range('moisture_percent');
        }

        return new self($reference, $planner, $moistures);
    }

    /** @return list<list<string>> a row a bread, in the order of the headings */
    public function rows(): array
    {
        return array_map($this->row(...), $this->reference->styles->all());
    }

    /** @return array<string, array{found: float, published: array{float, float}}> water of the finished bread in %, where a range is published */
    public function moistures(): array
    {
        $found = [];
        foreach ($this->moistures as $style => $published) {
            $found[$style] = ['found' => $this->moisture($this->planner->plan(PlanRequest::ofStyle($style, $this->reference))), 'published' => $published];
        }

        return $found;
    }

    /** @return list<string> */
    private function row(Style $style): array
    {
        $plan = $this->planner->plan(PlanRequest::ofStyle($style->id, $this->reference));
        $range = static fn (float $low, float $high): string => sprintf('%.0f–%.0f', $low, $high);
        $published = $this->moistures[$style->id] ?? null;
        $loss = $style->baking->weightLossPercent;
        $shade = $style->baking->shade;
        $faces = array_filter($plan->turns->faces, static fn ($face): bool => $face->contactSeconds > 0);

        return [
            $style->name,
            sprintf('%.0f', $plan->dough->hydrationPercent()),
            $range($style->hydrationBand->low, $style->hydrationBand->high),
            sprintf('%.0f', $this->moisture($plan)),
            $published === null ? '' : $range(...$published),
            sprintf('%.0f', $plan->turns->weightLossPercent->value),
            $range($loss->low, $loss->high),
            Clock::minutes($plan->turns->lift->atSeconds),
            Clock::minutes($style->baking->by($style->method->turns)->liftSeconds),
            sprintf('%.0f °C', $plan->turns->surfaceCelsius->value),
            implode(' · ', array_map(static fn ($face): string => sprintf('%.2f', $face->shade), $faces)),
            sprintf('%.2f–%.2f', $shade->low, $shade->high),
            implode(', ', array_map(static fn (Warning $warning): string => $warning->id, $plan->warnings)),
        ];
    }

    /** Water in % of the finished bread: the dough's own and what was poured, less what it loses. */
    private function moisture(BatchPlan $plan): float
    {
        $lines = $plan->dough->linesWithWater($this->reference->catalogue->ingredient('water'));
        $water = WeighedLine::mixed($lines)->waterGrams;
        $lost = $plan->turns->weightLossPercent->value;

        return 100 * ($water - $lost) / (100 - $lost);
    }
}
