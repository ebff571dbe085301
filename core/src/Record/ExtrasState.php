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
        return array_filter($this->plan->extras, static fn (ExtraOfPlan $extra): bool => $extra->place === $place && $extra->ingredient === $ingredient) !== [];
    }

    /** @return list<ExtraWeighed> */
    public function all(): array
    {
        return array_map(fn (ExtraOfPlan $extra): ExtraWeighed => new ExtraWeighed(
            $extra,
            Rounding::toStep($extra->gramsEach * $this->pieces, $this->plan->resolutionGrams),
            $this->tally->grams($extra->place->value, $extra->ingredient),
        ), $this->plan->extras);
    }

    /** @return list<array{ingredient: string, name: string, grams: float}> what was not weighed yet */
    public function stillToWeigh(): array
    {
        $open = array_filter($this->all(), static fn (ExtraWeighed $extra): bool => $extra->grams === null);

        return array_values(array_map(static fn (ExtraWeighed $extra): array => ['ingredient' => $extra->planned->ingredient, 'name' => $extra->planned->name, 'grams' => $extra->plannedGrams], $open));
    }

    /** @return list<array{ingredient: string, lot: string|null, grams: float}> what was weighed, from which bag */
    public function taken(): array
    {
        return array_map(static fn (ExtraWeighed $extra): array => ['ingredient' => $extra->planned->ingredient, 'lot' => $extra->planned->lot, 'grams' => $extra->grams ?? 0.0], $this->all());
    }
}
