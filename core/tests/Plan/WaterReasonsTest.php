<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Measure\Reason;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\LearnedNotes;
use StoneMill\Plan\RequestChange;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** The water answers "why?": every circumstance that moves it is named, and none that does not. */
final class WaterReasonsTest extends TestCase
{
    public function test_a_plain_dough_names_who_takes_and_who_brings_and_how_sure_it_is(): void
    {
        $because = self::because(Bench::plan('almond-wrap'));
        self::assertSame('Blanched almond flour takes', $because[0]->text);
        self::assertContains('Whole egg brings', self::texts($because));
        self::assertContains('For a dough to roll.', self::texts($because));
        self::assertContains('give or take, eight times in ten', self::texts($because));
    }

    public function test_the_parts_add_up_to_the_whole(): void
    {
        foreach (Bench::reference()->styles->ids() as $style) {
            $plan = Bench::plan($style);
            $sum = 0.0;
            $whole = null;
            foreach ($plan->dough->waterFigure->because as $reason) {
                $sum += match (true) {
                    str_ends_with($reason->text, ' takes') => $reason->value,
                    str_ends_with($reason->text, ' brings') => -$reason->value,
                    default => 0.0,
                };
                $whole = $reason->text === 'So the lines add up to' ? $reason->value : $whole;
            }
            // Lines under a twentieth of a gram are left out of the telling.
            self::assertEqualsWithDelta($whole, $sum, 0.3, $style);
        }
    }

    public function test_the_table_of_water_closes_with_what_practice_or_the_cook_makes_of_it(): void
    {
        foreach (Bench::reference()->styles->ids() as $style) {
            foreach ([[], ['water' => ['hydration_percent' => 90]]] as $wish) {
                $document = new Said(PlanDocument::of(Bench::sketchOf(['style' => $style, ...$wish]))->json);
                $lines = array_sum($document['ledger']->numbers('takes_grams')) - array_sum($document['ledger']->numbers('brings_grams'));
                self::assertEqualsWithDelta($document['water']['grams']['value']->value, $lines + $document['water']['beside_lines']['grams']->number(), 0.01, $style);
                self::assertStringStartsWith($wish === [] ? 'Practice makes it' : 'Your own wish', $document['water']['beside_lines']['words']->text());
            }
        }
    }

    public function test_fat_is_named_only_where_there_is_some(): void
    {
        self::assertNotContains('Fat keeps water out of the flour', self::texts(self::because(Bench::plan('pressed-masa'))));
        $because = self::because(Bench::plan('cassava-wrap'));
        // 8 % oil keeps 0.4 · 8 = 3.2 % out.
        self::assertEqualsWithDelta(3.2, self::value('Fat keeps water out of the flour', $because), 0.02);
    }

    public function test_a_dry_room_has_taken_water_out_of_the_flour_and_a_damp_one_put_some_in(): void
    {
        $room = static fn (float $humidity): array => self::because(Bench::plan('pressed-masa', RequestChange::room(21, $humidity)));
        self::assertContains('The dry room has taken out of the flour', self::texts($room(25)));
        self::assertContains('The damp room has put into the flour', self::texts($room(85)));
        $unknown = self::texts(self::because(Bench::plan('pressed-masa')));
        self::assertNotContains('The dry room has taken out of the flour', $unknown);
        self::assertNotContains('The damp room has put into the flour', $unknown);
    }

    public function test_outside_of_what_the_moisture_of_grain_is_known_for_it_says_so(): void
    {
        $said = static fn (float $celsius, float $humidity): bool => str_contains(
            implode(' ', self::texts(self::because(Bench::plan('pressed-masa', RequestChange::room($celsius, $humidity))))),
            'which the moisture of grain is known for',
        );
        self::assertTrue($said(21, 96));
        self::assertTrue($said(2, 50));
        self::assertFalse($said(21, 50));
    }

    public function test_a_home_grind_and_a_wish_of_the_cook_are_named(): void
    {
        $because = self::because(Bench::planOf([
            'style' => 'oat-round', 'water' => ['hydration_percent' => 95],
            'formula' => ['lines' => [['ingredient' => 'oat', 'percent' => 100, 'grind' => 'home_coarse']]],
        ]));
        self::assertContains('Ground at home: grit takes up less water in the time there is.', self::texts($because));
        self::assertSame(95.0, self::value('Your own wish, in % of the flour', $because));
    }

    public function test_ice_is_named_where_the_water_would_have_to_be_colder_than_water(): void
    {
        $water = Said::at(PlanDocument::of(Bench::plan('pressed-masa', RequestChange::room(34), RequestChange::doughOf(9)))->json, 'water');
        self::assertSame('ice', $water['parts'][0]['kind']->value);
        self::assertSame(0.0, $water['celsius']['value']->value);
        self::assertSame('Colder than water can be: with ice, which the flour melts.', $water['celsius']['because'][0]['text']->value);
    }

    public function test_what_rounding_to_the_scale_does_is_said_where_a_hand_could_feel_it(): void
    {
        $because = static fn (float $step): array => Said::at(PlanDocument::of(Bench::plan('pressed-masa', RequestChange::pieces(3), RequestChange::scaleOf($step)))->json, 'water.hydration_percent.because')->each('text');
        self::assertContains('Rounding to what the scale shows moves it by', $because(10));
        self::assertNotContains('Rounding to what the scale shows moves it by', $because(0.1));
    }

    /** @return list<Reason> */
    private static function because(BatchPlan $plan): array
    {
        return $plan->dough->waterFigure->because;
    }

    /**
     * @param list<Reason> $reasons
     * @return list<string>
     */
    private static function texts(array $reasons): array
    {
        return array_map(static fn (Reason $reason): string => $reason->text, $reasons);
    }

    /** @param list<Reason> $reasons */
    private static function value(string $text, array $reasons): float
    {
        foreach ($reasons as $reason) {
            if ($reason->text === $text) {
                return (float) $reason->value;
            }
        }
        self::fail("\"$text\" is not said.");
    }

    public function test_what_was_learned_of_scalds_moves_a_scalded_dough_by_its_swollen_share_and_leaves_a_cold_one_alone(): void
    {
        $water = static function (string $style, array $learned): array {
            $plan = Bench::sketchOf(['style' => $style, 'learned' => $learned]);

            return [100 * $plan->dough->pour->grams / $plan->dough->ledger->flourBaseGrams, $plan->dough->ledger->swollenShare(), array_column((new LearnedNotes($plan))->all(), 'key')];
        };
        $learned = ['heat' => ['value' => -10.0, 'deviation' => 1.0, 'batches' => 6]];
        [$before] = $water('millet-round', []);
        [$after, $swollen, $told] = $water('millet-round', $learned);
        self::assertGreaterThan(0.2, $swollen);
        // Ten points of the flour for a dough swollen whole; less water is also a little less hot.
        self::assertEqualsWithDelta(-10 * $swollen, $after - $before, 1.0);
        self::assertSame(['learned.heat'], $told);
        self::assertEqualsWithDelta($water('almond-wrap', [])[0], $water('almond-wrap', $learned)[0], 0.5);
        self::assertSame([], $water('almond-wrap', $learned)[2]);
    }

    public function test_what_is_told_to_hold_without_a_learned_thing_is_what_the_plan_without_it_says(): void
    {
        foreach (['millet-round' => ['heat' => ['value' => -6.0, 'deviation' => 1.0, 'batches' => 4]], 'pressed-masa' => ['feel' => ['value' => 5.0, 'deviation' => 1.0, 'batches' => 4]]] as $style => $learned) {
            foreach ([[], ['formula' => ['lines' => [['ingredient' => $style === 'pressed-masa' ? 'instant-masa-fine' : 'sorghum', 'grams' => 300]]]]] as $more) {
                $with = Bench::sketchOf(['style' => $style, 'learned' => $learned, ...$more]);
                $without = Bench::sketchOf(['style' => $style, ...$more]);
                self::assertSame(1, preg_match('/Without it: (\d+) g of water/', (new LearnedNotes($with))->all()[0]->without, $said));
                // What is poured decides how much starch swells, which the sentence leaves out.
                self::assertEqualsWithDelta($without->dough->need->grams(), (float) ($said[1] ?? 0), $style === 'millet-round' ? 3.0 : 1.0, $style);
            }
        }
    }
}
