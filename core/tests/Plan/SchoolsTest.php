<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Plan\Reference;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Fat;
use StoneMill\School\Scald;
use StoneMill\School\WaterSchool;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Every choice that practitioners disagree on can be named, is told in a line, and changes what its rule says. */
final class SchoolsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function schools(): iterable
    {
        foreach (Reference::schools()->rows as $row) {
            foreach ($row['options'] as $option) {
                yield $row['step'].' '.$option['id'] => [$row['step'], $option['id']];
            }
        }
    }

    #[DataProvider('schools')]
    public function test_each_school_can_be_planned_by_the_styles_that_know_it(string $step, string $school): void
    {
        $planned = 0;
        foreach (Bench::reference()->styles->all() as $style) {
            if ($step === 'turns' && ! isset($style->baking->turnPlans[$school])) {
                continue;
            }
            $request = ['style' => $style->id, 'formula' => ['method' => [$step => $school]]];
            // Only what changes the work at the griddle is baked; every bake of every school is held to its goals elsewhere.
            $plan = in_array($step, ['turns', 'grease'], true) ? Bench::planOf($request) : Bench::sketchOf($request);
            $method = $plan->request->method->choices();
            self::assertSame($school, $method[$step]);
            $planned++;
        }
        self::assertGreaterThan(0, $planned);
    }

    public function test_every_choice_of_the_contract_is_told_in_a_line(): void
    {
        $schema = Said::json((string) file_get_contents(dirname(__DIR__, 3).'/formats/plan-request.schema.json'));
        foreach (Reference::schools()->rows as $row) {
            self::assertSame($schema['properties']['formula']['properties']['method']['properties'][$row['step']]['enum']->value, array_column($row['options'], 'id'));
            foreach ($row['options'] as $option) {
                self::assertGreaterThan(12, strlen($option['buys']), $option['id']);
            }
        }
    }

    public function test_hotter_water_schools_never_make_a_starchy_dough_ask_for_less(): void
    {
        foreach (['millet-round', 'rice-round', 'oat-round', 'cassava-wrap'] as $style) {
            $before = 0.0;
            foreach ([WaterSchool::Cold, WaterSchool::Warm, WaterSchool::HotTap, WaterSchool::Boiling] as $water) {
                $need = Bench::sketch($style, RequestChange::school($water), RequestChange::school(Scald::None))->dough->ledger->neededGrams();
                self::assertGreaterThanOrEqual($before - 1e-6, $need, "$style $water->value");
                $before = $need;
            }
        }
    }

    public function test_a_fat_that_is_chosen_is_a_line_of_the_dough_and_keeps_water_out(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            $plans = [];
            foreach ([Fat::None, Fat::Oil, Fat::Lard, Fat::Ghee, Fat::Butter] as $fat) {
                $plan = $plans[$fat->value] = Bench::sketch($style->id, RequestChange::school($fat), RequestChange::pieces(8));
                $fats = array_values(array_filter($plan->dough->lines, static fn ($line): bool => $line->ingredient->role->value === 'fat'));
                self::assertSame($fat, $plan->request->method->fat);
                self::assertCount($fat === Fat::None ? 0 : 1, $fats, "$style->id $fat->value");
            }
            $share = static fn (string $fat): float => $plans[$fat]->dough->pour->unroundedGrams / $plans[$fat]->dough->ledger->flourBaseGrams;
            self::assertLessThanOrEqual($share('none') + 1e-9, $share('ghee'), $style->id);
        }
    }

    public function test_lines_that_are_given_say_themselves_what_fat_is_in_them(): void
    {
        $plan = Bench::sketch('rice-round', RequestChange::ofFlour(['rice-white' => 100, 'ghee' => 3]), RequestChange::school(Fat::Oil));
        self::assertSame(Fat::Ghee, $plan->request->method->fat);
        self::assertCount(2, $plan->dough->lines);
    }
}
