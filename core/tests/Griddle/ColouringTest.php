<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\TestCase;
use StoneMill\Bake\LaidBread;
use StoneMill\Griddle\Colouring;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\SteadyCycle;
use StoneMill\Plan\OnTheGriddle;
use StoneMill\Plan\RequestChange;
use StoneMill\Style\Style;
use StoneMill\Tests\Bench;

/** How readily each bread colours: what its composition says, put together with what practice makes of it. */
final class ColouringTest extends TestCase
{
    public function test_the_shipped_factors_are_what_the_rule_makes_of_composition_and_practice(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            self::assertEqualsWithDelta(Colouring::after(self::asPracticeBakesIt($style)), $style->baking->colouring, 0.1 * $style->baking->colouring, $style->id);
        }
    }

    public function test_a_bread_that_practice_browns_more_is_taken_to_colour_sooner_but_not_all_the_way(): void
    {
        $laying = self::asPracticeBakesIt(Bench::reference()->styles->style('pressed-masa'));
        $factor = Colouring::after($laying);
        // Twice as ready by its composition: practice's part of the factor halves, to the power of its share of the precision, 0.75.
        $readier = $laying->of(new LaidBread($laying->bread->matter->colouring(2.0), $laying->bread->thicknessMillimetres, $laying->bread->celsius));
        self::assertEqualsWithDelta($factor * 2 ** -0.75, Colouring::after($readier), 0.01);
    }

    private static function asPracticeBakesIt(Style $style): Laying
    {
        $practice = $style->baking->by($style->method->turns);
        $plan = Bench::sketch($style->id, RequestChange::thickness($practice->referenceMillimetres), RequestChange::heat($practice->referenceCelsius));
        $laying = OnTheGriddle::laying($plan->request, $plan->dough->linesWithWater(Bench::reference()->catalogue->ingredient('water')), $plan->dough->mixCelsius, $plan->disc, $plan->packing);

        return SteadyCycle::settled($laying->of(new LaidBread($laying->bread->matter->colouring(1 / $style->baking->colouring), $laying->bread->thicknessMillimetres, $laying->bread->celsius)));
    }
}
