<?php

declare(strict_types=1);

namespace StoneMill\Tests;

use StoneMill\Ask\Desk;
use StoneMill\Ask\Question;
use StoneMill\Bake\Burner;
use StoneMill\Bake\Iron;
use StoneMill\Bake\KitchenAir;
use StoneMill\Bake\LaidBread;
use StoneMill\Bake\Matter;
use StoneMill\Bake\Metal;
use StoneMill\Dough\WeighedLine;
use StoneMill\Griddle\Aim;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Grease;
use StoneMill\School\TurnSchool;
use StoneMill\Style\Style;

/** The shipped reference facts and a planner over them, as the tests' kitchen. */
final class Bench
{
    private static ?Reference $reference = null;

    /** @var array<string, Matter> by style */
    private static array $doughs = [];

    public static function reference(): Reference
    {
        return self::$reference ??= Reference::shipped();
    }

    /** @return iterable<string, array{Style}> every shipped style, for a test of each */
    public static function eachStyle(): iterable
    {
        foreach (self::reference()->styles->all() as $style) {
            yield $style->id => [$style];
        }
    }

    /** A shipped bread with these things wished. */
    public static function plan(string $style, RequestChange ...$wished): BatchPlan
    {
        return self::planOf(self::request($style, ...$wished)->json());
    }

    /** @param mixed $document a plan request as somebody sends it */
    public static function planOf(mixed $document): BatchPlan
    {
        return (new Planner(self::reference(), new ModelTurnPlanner))->plan(PlanRequest::read($document, self::reference()));
    }

    public static function request(string $style, RequestChange ...$wished): GivenRequest
    {
        return array_reduce($wished, static fn (GivenRequest $request, RequestChange $change): GivenRequest => $request->with($change), GivenRequest::ofStyle($style));
    }

    /** @return array<string, mixed> the core's answer to any question */
    public static function ask(string $question, mixed $document): array
    {
        return (new Desk(self::reference(), new Planner(self::reference(), new ModelTurnPlanner)))->answer(Question::from($question), $document)->json;
    }

    /** The style's own dough, about to be laid; what is not said is as the style has it. */
    public static function laying(Style $style, ?TurnSchool $school = null, ?float $millimetres = null, ?float $celsius = null, ?Grease $grease = null): Laying
    {
        $dough = self::$doughs[$style->id] ??= self::matter($style->id);

        $school ??= $style->method->turns;

        return new Laying(
            $style->baking,
            $school,
            $grease ?? $style->method->grease,
            new LaidBread(self::matter($style->id), $millimetres ?? $style->thicknessMillimetres, 25.0),
            Iron::of(Metal::CastIron, Burner::Regulated, 5.0, $celsius ?? $style->baking->surfaceCelsius->likely, 0.4, 70.0),
            new KitchenAir,
            Aim::of($style->baking, $school, $millimetres ?? $style->thicknessMillimetres),
        );
    }

    public static function matter(string $style): Matter
    {
        return self::$doughs[$style] ??= self::matterOf(self::sketch($style));
    }

    /** The dough of a plan, as heat and water meet it. */
    public static function matterOf(BatchPlan $plan): Matter
    {
        $lines = $plan->dough->linesWithWater(self::reference()->catalogue->ingredient('water'));

        return Matter::of(
            WeighedLine::mixed($lines),
            $plan->request->style->airShare,
            null,
        )->colouring($plan->request->style->baking->colouring);
    }

    /** A plan with the style's own griddle times, for tests that look at nothing hot. */
    public static function sketch(string $style, RequestChange ...$wished): BatchPlan
    {
        return self::sketchOf(self::request($style, ...$wished)->json());
    }

    /** @param mixed $document a plan request as somebody sends it */
    public static function sketchOf(mixed $document): BatchPlan
    {
        return (new Planner(self::reference(), new StyleTurnPlanner))->plan(PlanRequest::read($document, self::reference()));
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
