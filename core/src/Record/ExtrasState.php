<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Measure\Rounding;
use StoneMill\School\ExtraPlace;

/** What stands ready beside the dough: as planned for the pieces that there will be, and as it was weighed. */
final readonly class ExtrasState
{
    /** @param int $pieces that the dough is divided in */
    public function __construct(private PlannedBatch $plan, private ExtrasTally $tally, private int $pieces)
    {
    }

    public function has(ExtraPlace $place, string $ingredient): bool
    {
        return array_filter($this->plan->extras(), static fn (array $extra): bool => $extra['place'] === $place->value && $extra['ingredient'] === $ingredient) !== [];
    }

    /** @return list<array{ingredient: string, name: string, place: string, words: string, stage: string, planned_grams: float, grams: float|null}> grams is null until it was weighed */
    public function toArray(): array
    {
        return array_map(fn (array $extra): array => [
            'ingredient' => $extra['ingredient'],
            'name' => $extra['name'],
            'place' => $extra['place'],
            'words' => $extra['words'],
            'stage' => $extra['stage'],
            'planned_grams' => round(Rounding::toStep($extra['grams_each'] * $this->pieces, $this->plan->resolutionGrams), 4),
            'grams' => $this->tally->grams($extra['place'], $extra['ingredient']),
        ], $this->plan->extras());
    }

    /** @return list<array{ingredient: string, name: string, grams: float}> what was not weighed yet */
    public function stillToWeigh(): array
    {
        $open = array_filter($this->toArray(), static fn (array $extra): bool => $extra['grams'] === null);

        return array_values(array_map(static fn (array $extra): array => ['ingredient' => $extra['ingredient'], 'name' => $extra['name'], 'grams' => $extra['planned_grams']], $open));
    }

    /** @return list<array{ingredient: string, lot: string|null, grams: float}> what was weighed, from which bag */
    public function taken(): array
    {
        return array_map(fn (array $extra): array => [
            'ingredient' => $extra['ingredient'], 'lot' => $extra['lot'], 'grams' => $this->tally->grams($extra['place'], $extra['ingredient']) ?? 0.0,
        ], $this->plan->extras());
    }
}
