<?php

declare(strict_types=1);

namespace StoneMill\Tests;

use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Desk;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Question;
use StoneMill\Plan\Reference;

/** The shipped reference facts and a planner over them, as the tests' kitchen. */
final class Bench
{
    private static ?Reference $reference = null;

    public static function reference(): Reference
    {
        return self::$reference ??= Reference::shipped();
    }

    public static function plan(mixed $request): BatchPlan
    {
        return (new Planner(self::reference(), new StyleTurnPlanner))->plan(PlanRequest::read($request, self::reference()));
    }

    /** @return array<string, mixed> the core's answer to any question */
    public static function ask(string $question, mixed $document): array
    {
        return (new Desk(self::reference(), new Planner(self::reference(), new StyleTurnPlanner)))->answer(Question::from($question), $document);
    }

    /**
     * A plan request that a cook could have made, drawn at random.
     *
     * @return array<string, mixed>
     */
    public static function randomRequest(Seeded $seeded): array
    {
        $style = $seeded->one(['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap']);
        $flours = ['instant-masa-fine', 'instant-masa-coarse', 'sorghum', 'pearl-millet', 'rice-white', 'rice-brown', 'almond-blanched', 'tapioca-starch'];
        $others = ['salt', 'xanthan', 'psyllium-husk', 'egg', 'sunflower-oil', 'butter', 'baking-powder'];
        $lines = [];
        for ($count = $seeded->int(1, 3); $count > 0; $count--) {
            $lines[$seeded->one($flours)] = $seeded->between(20, 800);
        }
        for ($count = $seeded->int(0, 4); $count > 0; $count--) {
            $lines[$seeded->one($others)] = $seeded->between(0.5, 40);
        }
        $request = [
            'style' => $style,
            'formula' => ['lines' => array_map(
                static fn (string $id, float $grams): array => ['ingredient' => $id, 'grams' => $grams],
                array_keys($lines),
                array_values($lines),
            )],
            'room' => ['celsius' => $seeded->between(5, 40)],
            'water' => ['celsius' => $seeded->between(2, 100)],
            'hands' => $seeded->int(1, 4),
            'gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => $seeded->between(120, 600)]],
        ];
        if ($seeded->int(0, 1) === 1) {
            $request['pieces'] = ['grams_each' => $seeded->between(20, 120)];
        }

        return $request;
    }
}
