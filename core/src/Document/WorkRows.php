<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Dough\WeighedExtra;
use StoneMill\School\WorkStep;

/** Steps and what stands beside the dough, a row each, as plan and state tell them. */
final class WorkRows
{
    /** @return array{id: string, stage: string, name: string, check: string, ingredients: list<string>, seconds: int} */
    public static function step(WorkStep $step): array
    {
        return ['id' => $step->id, 'stage' => $step->stage->value, 'name' => $step->name, 'check' => $step->check, 'ingredients' => $step->ingredients, 'seconds' => $step->seconds];
    }

    /** @return array<string, mixed> */
    public static function extra(WeighedExtra $extra): array
    {
        return [
            'ingredient' => $extra->ingredient->id,
            'name' => $extra->ingredient->name,
            'place' => $extra->place->value,
            'words' => $extra->place->inWords(),
            'stage' => $extra->place->stage()->value,
            'grams' => round($extra->grams(), 1),
            'grams_each' => round($extra->gramsEach, 2),
            'eaten_each' => Figures::band($extra->eatenEach(), 2),
            'lot' => $extra->lot,
        ];
    }
}
