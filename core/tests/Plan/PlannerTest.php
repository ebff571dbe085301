<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\Plan\Warning;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

final class PlannerTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function stylesAtAllSizes(): iterable
    {
        foreach (Bench::reference()->styles->ids() as $style) {
            foreach ([1, 12, 200] as $count) {
                yield "$style × $count" => [$style, $count];
            }
        }
    }

    #[DataProvider('stylesAtAllSizes')]
    public function test_every_style_plans_without_a_warning_at_its_defaults(string $style, int $count): void
    {
        $plan = Bench::plan($style, RequestChange::pieces($count));
        $warnings = array_map(static fn (Warning $warning): string => $warning->id.' '.$warning->value, $plan->warnings);
        self::assertSame([], $warnings);
        self::assertSame($count, $plan->portions->count);
        $band = $plan->request->style->hydrationBand;
        self::assertGreaterThanOrEqual($band->low, $plan->dough->hydrationPercent());
        self::assertLessThanOrEqual($band->high, $plan->dough->hydrationPercent());
    }

    public function test_every_style_of_the_work_is_there_with_a_way_to_turn_it_and_something_it_is_for(): void
    {
        $styles = Bench::reference()->styles->all();
        self::assertGreaterThanOrEqual(18, count($styles));
        foreach ($styles as $style) {
            self::assertArrayHasKey($style->method->turns->value, $style->baking->turnPlans, $style->id);
            self::assertNotSame([], $style->uses, $style->id);
        }
    }

    public function test_a_formula_in_percent_is_scaled_to_the_pieces_wanted(): void
    {
        $plan = Bench::plan('pressed-masa', RequestChange::pieces(24), RequestChange::pieceOf(40));
        self::assertEqualsWithDelta(40, $plan->portions->pieceGrams(), 0.1);
        $wide = Bench::plan('pressed-masa', RequestChange::pieces(10), RequestChange::diameter(150), RequestChange::thickness(2));
        self::assertEqualsWithDelta(150, $wide->disc->diameterMillimetres, 1);
    }

    public function test_three_hundred_and_ten_grams_of_flour_say_how_many_and_how_big(): void
    {
        $plan = Bench::plan('pressed-masa', RequestChange::weighed(['instant-masa-fine' => 310]), RequestChange::pieceOf(43));
        // The ledger says 126 % of water, practice 115–150 %; together 130.3 %. 310 · 2.303 · 0.985 = 703 g of dough: 16 pieces of 43.9 g.
        self::assertSame(16, $plan->portions->count);
        self::assertEqualsWithDelta(43.9, $plan->portions->pieceGrams(), 0.2);
    }

    public function test_grams_in_are_grams_out_for_any_formula(): void
    {
        $seeded = new Seeded(81);
        for ($case = 0; $case < 160; $case++) {
            $plan = self::planned(Bench::randomRequest($seeded), Bench::sketchOf(...));
            if ($plan === null) {
                continue;
            }
            $lines = array_sum(array_map(static fn ($row): float => $row->line->grams, $plan->dough->ledger->rows));
            self::assertEqualsWithDelta($plan->portions->mixedGrams, $lines + $plan->dough->pour->grams, 1e-6);
            self::assertEqualsWithDelta($plan->dough->pour->grams, $plan->dough->pour->firstGrams + $plan->dough->pour->reserveGrams, 1e-6);
            self::assertEqualsWithDelta($plan->portions->mixedGrams - $plan->portions->lostGrams->likely, array_sum($plan->portions->countdown->pieces()), 0.5 + 1e-6);
            self::assertEqualsWithDelta($plan->portions->pieceGrams() * $plan->portions->count, $plan->portions->countdown->readingGrams, 1e-6);
        }
    }

    public function test_no_number_of_any_plan_is_missing_or_endless(): void
    {
        $seeded = new Seeded(82);
        $planned = 0;
        for ($case = 0; $case < 160; $case++) {
            $plan = self::planned(Bench::randomRequest($seeded));
            if ($plan !== null) {
                $planned++;
                $document = PlanDocument::of($plan)->json;
                array_walk_recursive($document, static function (mixed $value): void {
                    self::assertFalse(is_float($value) && ! is_finite($value));
                });
            }
        }
        self::assertGreaterThan(80, $planned);
    }

    public function test_the_same_request_gives_the_same_bytes(): void
    {
        $told = static fn (): string|false => json_encode(PlanDocument::of(Bench::plan('rice-round', RequestChange::pieces(9), RequestChange::room(23.5)))->json);
        self::assertSame($told(), $told());
    }

    public function test_a_wished_dough_temperature_is_reached_or_said_to_be_out_of_reach(): void
    {
        $warm = Bench::plan('pressed-masa', RequestChange::doughOf(38));
        self::assertEqualsWithDelta(38, $warm->dough->mixCelsius, 0.1);
        $impossible = Bench::plan('rice-round', RequestChange::room(10), RequestChange::doughOf(90));
        self::assertContains('water-cannot-reach', array_map(static fn (Warning $warning): string => $warning->id, $impossible->warnings));
        self::assertLessThanOrEqual(100, $impossible->dough->waterCelsius);
    }

    public function test_the_cook_s_own_water_is_kept_and_judged(): void
    {
        $slack = Bench::plan('pressed-masa', RequestChange::hydration(160));
        self::assertEqualsWithDelta(160, $slack->dough->hydrationPercent(), 0.3);
        self::assertContains('wetter-than-need', array_map(static fn (Warning $warning): string => $warning->id, $slack->warnings));
        $asLine = Bench::planOf(['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'grams' => 200], ['ingredient' => 'water', 'percent' => 130]]]]);
        self::assertSame(260.0, $asLine->dough->pour->grams);
    }

    public function test_a_disc_too_wide_for_the_press_is_said_before_it_is_pressed(): void
    {
        $warned = static fn (float $plate): array => array_map(static fn (Warning $warning): string => $warning->id, Bench::plan('pressed-masa', RequestChange::pieces(4), RequestChange::pieceOf(60), RequestChange::press($plate))->warnings);
        self::assertContains('too-wide-for-press', $warned(130));
        self::assertNotContains('too-wide-for-press', $warned(150), 'press beside press, in a ring');
    }

    public function test_flour_is_the_base_of_every_percentage(): void
    {
        foreach (Bench::plan('almond-wrap')->dough->ledger->rows as $row) {
            if ($row->line->ingredient->role === Role::Flour) {
                self::assertEqualsWithDelta(100, $row->percent, 1e-9);
            }
        }
    }

    /**
     * @param array<string, mixed> $request
     * @param Closure(mixed): BatchPlan|null $by
     */
    private static function planned(array $request, ?Closure $by = null): ?BatchPlan
    {
        try {
            return ($by ?? Bench::planOf(...))($request);
        } catch (InvalidInput $refusal) {
            // Some random doughs make too many or too small pieces; they must say so.
            self::assertNotSame('', $refusal->errors[0]->path);

            return null;
        }
    }
}
