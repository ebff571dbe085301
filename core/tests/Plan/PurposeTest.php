<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Griddle\Face;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Purpose;
use StoneMill\School\Stage;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** What a bread is for decides how it is made, and what is done with it after. */
final class PurposeTest extends TestCase
{
    /** @param list<array<string, mixed>> $extras */
    private static function plan(?Purpose $purpose, string $style = 'pressed-masa', array $extras = []): BatchPlan
    {
        return Bench::planOf(['style' => $style, 'formula' => ['extras' => $extras], ...$purpose === null ? [] : ['purpose' => $purpose->value]]);
    }

    /** @return list<Said> steps once the bread is off */
    private static function after(BatchPlan $plan): array
    {
        return array_values(array_filter(Said::at(PlanDocument::of($plan)->json, 'steps')->listed(), static fn (Said $step): bool => $step['stage']->value === Stage::Stack->value));
    }

    /**
     * @param list<Said> $steps
     * @return list<string>
     */
    private static function ids(array $steps): array
    {
        return array_map(static fn (Said $step): string => $step['id']->text(), $steps);
    }

    private static function shade(BatchPlan $plan): float
    {
        return array_sum(array_map(static fn (Face $face): float => $face->shade, $plan->turns->faces)) / count($plan->turns->faces);
    }

    public function test_chips_are_made_thinner_drier_and_darker_than_a_wrap(): void
    {
        [$wrap, $chips] = [self::plan(Purpose::Wrap), self::plan(Purpose::Crisp)];
        // 1.9 mm, times 0.88 over 0.95.
        self::assertEqualsWithDelta(1.9 * 0.88 / 0.95, $chips->disc->thicknessMillimetres, 0.001);
        self::assertGreaterThan($wrap->turns->weightLossPercent->value + 2, $chips->turns->weightLossPercent->value);
        self::assertGreaterThan(self::shade($wrap), self::shade($chips));
    }

    public function test_what_its_kind_is_first_of_all_good_for_is_how_it_is_made_anyway(): void
    {
        self::assertEqualsWithDelta(self::plan(null)->turns->lift->atSeconds, self::plan(Purpose::Wrap)->turns->lift->atSeconds, 1e-9);
    }

    public function test_a_width_that_was_wished_is_of_the_thickness_that_it_is_for(): void
    {
        $chips = Bench::sketch('pressed-masa', RequestChange::purpose(Purpose::Crisp), RequestChange::pieces(12), RequestChange::diameter(150));
        self::assertEqualsWithDelta(1.9 * 0.88 / 0.95, $chips->disc->thicknessMillimetres, 0.03);
    }

    public function test_a_wish_for_a_thickness_stands_above_what_it_is_for(): void
    {
        $plan = Bench::sketch('pressed-masa', RequestChange::purpose(Purpose::Crisp), RequestChange::thickness(2.2));
        self::assertEqualsWithDelta(2.2, $plan->disc->thicknessMillimetres, 1e-9);
    }

    public function test_every_purpose_of_every_bread_has_its_steps_after_the_bread(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            foreach (Purpose::cases() as $purpose) {
                $steps = self::after(Bench::sketch($style->id, RequestChange::purpose($purpose), RequestChange::beside('fresh-cheese', ExtraPlace::After, 20)));
                self::assertNotSame([], $steps, "$style->id $purpose->value");
                self::assertSame(count($steps), count(array_unique(self::ids($steps))));
            }
        }
    }

    public function test_a_folded_bread_is_filled_and_melted_with_its_amount_and_its_time(): void
    {
        $steps = self::after(self::plan(Purpose::Fold, extras: [['ingredient' => 'fresh-cheese', 'place' => 'after', 'grams_each' => 22.5], ['ingredient' => 'butter', 'place' => 'after', 'grams_each' => 2]]));
        self::assertSame(['fold', 'melt', 'brush'], self::ids($steps));
        self::assertStringContainsString('22.5 g fresh cheese', $steps[0]['name']->text());
        self::assertSame(90, $steps[1]['seconds']->value);
    }

    public function test_a_split_bread_warns_of_its_steam_where_it_is_split(): void
    {
        $split = self::after(self::plan(Purpose::Split, 'thick-corn-round'))[0];
        self::assertSame('split', $split['id']->value);
        self::assertStringContainsString('burns', $split['check']->text());
    }

    public function test_chips_bake_longer_the_thicker_they_are(): void
    {
        // 300 s and 180 s for each of 1.76 mm.
        $plan = self::plan(Purpose::Crisp);
        self::assertSame((int) round(300 + 180 * $plan->disc->thicknessMillimetres), self::after($plan)[1]['seconds']->value);
    }
}
