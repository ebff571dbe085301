<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Dough\Measuring;
use StoneMill\Dough\Texture;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;

/**
 * What the log needs to know of the plan it follows. It is read from the plan as it stood, so that a later
 * rule does not rewrite an old batch.
 *
 * @phpstan-type PlannedLine array{ingredient: string, name: string, role: string, grams: float, brings_grams: float}
 * @phpstan-type PlannedTouch array{action: string, at_seconds: float, from_seconds: float, to_seconds: float}
 * @phpstan-type Point array{value: float}
 * @phpstan-type PlanDocument array{
 *   ledger: list<PlannedLine>,
 *   method: array<string, string>,
 *   water: array{grams: Point, first_pour_grams: Point, as_batter_grams?: float, texture?: string},
 *   portion: array{count: int, resolution_grams: float, dough_grams: Point, mixed_grams: Point, piece_grams: Point},
 *   shape: array{diameter_mm: Point, thickness_mm: Point},
 *   griddle: array{turns: list<PlannedTouch>, lift: PlannedTouch, places: list<array{x: float, y: float}>},
 *   rest: array{seconds: int},
 *   stack: array{seconds: int}
 * }
 */
final readonly class PlannedBatch
{
    /**
     * @param list<PlannedLine> $lines
     * @param non-empty-list<PlannedTouch> $touches turns and lift, in order
     */
    private function __construct(
        public array $lines,
        public float $waterGrams,
        public float $firstPourGrams,
        public int $count,
        public float $resolutionGrams,
        public float $keptShare,
        public array $touches,
        public int $places,
        public float $pieceGrams,
        public float $diameterMillimetres,
        public float $thicknessMillimetres,
        public int $restSeconds,
        public int $stackSeconds,
        public Measuring $measuring,
        public float $batterGrams,
        public Texture $texture,
    ) {
    }

    public static function of(BatchPlan $plan): self
    {
        /** @var PlanDocument $document */
        $document = $plan->toArray();

        return self::fromDocument($document);
    }

    /** @param PlanDocument $plan a stored batch plan */
    public static function fromDocument(array $plan): self
    {
        return new self(
            lines: $plan['ledger'],
            waterGrams: $plan['water']['grams']['value'],
            firstPourGrams: $plan['water']['first_pour_grams']['value'],
            count: $plan['portion']['count'],
            resolutionGrams: $plan['portion']['resolution_grams'],
            keptShare: $plan['portion']['dough_grams']['value'] / $plan['portion']['mixed_grams']['value'],
            touches: [...$plan['griddle']['turns'], $plan['griddle']['lift']],
            places: count($plan['griddle']['places']),
            pieceGrams: $plan['portion']['piece_grams']['value'],
            diameterMillimetres: $plan['shape']['diameter_mm']['value'],
            thicknessMillimetres: $plan['shape']['thickness_mm']['value'],
            restSeconds: $plan['rest']['seconds'],
            stackSeconds: $plan['stack']['seconds'],
            measuring: Measuring::from($plan['method']['measure']),
            // Plans from before batters were worked out do not say; the water of the dough is then the least it takes.
            batterGrams: $plan['water']['as_batter_grams'] ?? $plan['water']['grams']['value'],
            texture: Texture::from($plan['water']['texture'] ?? Texture::Press->value),
        );
    }

    public function has(string $ingredient): bool
    {
        return in_array($ingredient, array_column($this->lines, 'ingredient'), true);
    }

    public static function isFlourBase(string $role): bool
    {
        return Role::from($role)->isFlourBase();
    }

    /** Salt, gums and leavening keep their share when flour is added; egg and fat are not added again. */
    public static function goesWithFlour(string $role): bool
    {
        return Role::from($role)->goesWithFlour();
    }
}
