<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Purpose;
use StoneMill\School\Rest;
use StoneMill\School\Shaping;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

final class BindingNeedTest extends TestCase
{
    public function test_shaped_its_own_way_for_its_own_use_a_style_needs_what_it_says(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            foreach ([null, ...$style->uses] as $purpose) {
                self::assertEqualsWithDelta($style->bindingNeeded, $style->bindingNeed($style->method->shape, $purpose)->index, 1e-9);
            }
        }
    }

    public function test_a_pin_asks_more_than_palms_and_a_cutter_most(): void
    {
        $style = Bench::reference()->styles->style('patted-masa');
        $needs = array_map(static fn (Shaping $shape): float => $style->bindingNeed($shape, null)->index, [Shaping::Pour, Shaping::Fingers, Shaping::Palms, Shaping::LeverPress, Shaping::RollingPin, Shaping::Cutter]);
        $sorted = $needs;
        sort($sorted);
        self::assertSame($sorted, $needs);
    }

    public function test_what_the_style_is_not_for_asks_for_more_and_the_plan_says_what(): void
    {
        // Millet rounds dip and wrap; patted masa tops, fills and dips (5 points): to wrap (6) asks for one more.
        self::assertEqualsWithDelta(1, Bench::reference()->styles->style('patted-masa')->bindingNeed(Shaping::Palms, Purpose::Wrap)->forPurpose, 1e-9);
        $needed = Said::at(PlanDocument::of(Bench::plan('patted-masa', RequestChange::purpose(Purpose::Wrap)))->json, 'binding.needed');
        self::assertEqualsWithDelta(35, $needed['value']->value, 1e-9);
        self::assertContains('To wrap around a filling asks for', $needed['because']->each('text'));
    }

    public function test_a_dough_that_holds_for_palms_but_not_for_the_cutter_is_warned_of(): void
    {
        $ids = static fn (Shaping $shape): array => array_map(static fn ($warning): string => $warning->id, Bench::plan('patted-masa', RequestChange::school($shape))->warnings);
        self::assertNotContains('binding-low', $ids(Shaping::Palms));
        self::assertContains('binding-low', $ids(Shaping::Cutter));
    }

    public function test_a_dough_that_weakens_must_not_rest(): void
    {
        $ids = array_map(static fn ($warning): string => $warning->id, Bench::plan('amaranth-round', RequestChange::school(Rest::TwentyThirtyMinutes))->warnings);
        self::assertContains('must-not-wait', $ids);
    }
}
