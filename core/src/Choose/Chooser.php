<?php

declare(strict_types=1);

namespace StoneMill\Choose;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\Allergen;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Obstacle;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Plan\Suitability;
use StoneMill\School\Purpose;
use StoneMill\Style\Style;

/** Which bread suits what it must do and who eats it: each style planned at its defaults and held against the wishes. */
final readonly class Chooser
{
    private const FIELDS = ['purpose', 'without', 'net_carbohydrate_most', 'minutes_most', 'no_press', 'no_oven', 'no_boiling'];

    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * @return list<FittingBread> all styles, those that meet every wish first
     *
     * @throws InvalidInput If anything in the document breaks the contract.
     */
    public function choose(mixed $document): array
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(self::FIELDS);
        $wishes = new Suitability(
            $root->at('purpose')->optionalChoice(Purpose::class),
            $root->at('without')->choices(Allergen::class, 12),
            $root->at('net_carbohydrate_most')->optionalNumber(0.5, 200, 'g a piece'),
            $root->at('minutes_most')->optionalNumber(5, 3000, 'min'),
            array_values(array_filter([
                $root->at('no_press')->optionalBoolean() === true ? Obstacle::Press : null,
                $root->at('no_oven')->optionalBoolean() === true ? Obstacle::Oven : null,
                $root->at('no_boiling')->optionalBoolean() === true ? Obstacle::Boiling : null,
            ])),
        );
        $findings->refuseIfAny();
        $breads = array_map(fn (Style $style): FittingBread => $this->held($style, $wishes), $this->reference->styles->all());
        usort($breads, static fn (FittingBread $a, FittingBread $b): int => [count($a->misses), count($b->fits), $a->minutes->value] <=> [count($b->misses), count($a->fits), $b->minutes->value]);

        return $breads;
    }

    private function held(Style $style, Suitability $wishes): FittingBread
    {
        $plan = $this->planner->plan(PlanRequest::ofStyle($style->id, $this->reference));
        [$fits, $misses] = $wishes->of($plan);

        return new FittingBread($plan, $fits, $misses, self::minutes($plan));
    }

    /** From the first weighing to the table, told by the stages it is made of. */
    private static function minutes(BatchPlan $plan): Figure
    {
        $reasons = [Reason::amount('Rest or rise', $plan->restSeconds / 60, Unit::Minute)];
        if ($plan->dough->handWarmMinutes->value > 0) {
            $reasons[] = Reason::amount('Until hands can work it', $plan->dough->handWarmMinutes->value, Unit::Minute);
        }
        $reasons[] = Reason::amount('In the stack', $plan->request->style->stackSeconds / 60, Unit::Minute);
        $reasons[] = Reason::saying('The rest is weighing, kneading, shaping and the griddle, by one pair of hands.');

        return Figure::exact($plan->line->timeline->readySeconds / 60, Unit::Minute, ...$reasons);
    }
}
