<?php

declare(strict_types=1);

namespace StoneMill\Tests\Fault;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Dough\FeelGrade;
use StoneMill\Fault\Acts;
use StoneMill\Fault\Causes;
use StoneMill\Fault\Changes;
use StoneMill\Fault\Circumstances;
use StoneMill\Fault\Finder;
use StoneMill\Fault\Followed;
use StoneMill\Fault\NextChange;
use StoneMill\Fault\NowAct;
use StoneMill\Fault\Seen;
use StoneMill\Fault\StagedBatch;
use StoneMill\Fault\Tried;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\GivenRequest;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\EventKind;
use StoneMill\Record\Extent;
use StoneMill\Record\FaultTally;
use StoneMill\Record\Pliability;
use StoneMill\Record\Puff;
use StoneMill\Record\Verdict;
use StoneMill\School\Stage;
use StoneMill\School\Symptom;
use StoneMill\Tests\Bench;

/** What is done about a fault comes from the plan's own rules: grams, degrees, millimetres, and a plan for the next batch. */
final class RemediesTest extends TestCase
{
    public function test_a_dough_felt_cracking_is_mended_with_five_points_of_water_on_its_flour(): void
    {
        $batch = self::made('pressed-masa')->mixed(0.9, FeelGrade::Cracking)->circumstances();
        $flour = $batch->state->bowl()->flourBaseGrams();
        $act = (new Acts($batch))->act(NowAct::WorkInWater);

        // Cracking is 5 points off: 5 g of water for every 100 g of flour, to the gram that the scale shows.
        self::assertSame(round(0.05 * $flour), $act?->waterGrams);
        self::assertStringContainsString(sprintf('Work in %.0f g of water', 0.05 * $flour), $act->text);
    }

    public function test_what_is_past_is_not_offered(): void
    {
        $baking = self::made('pressed-masa')->mixed(1.0, FeelGrade::Ready)->rested()->baked()->circumstances();
        $acts = new Acts($baking);
        self::assertNull($acts->act(NowAct::WorkInWater), 'the dough is on the griddle');
        self::assertNull($acts->act(NowAct::RestOn));
        self::assertNotNull($acts->act(NowAct::TurnDown));
        $untouched = new Acts(self::made('pressed-masa')->circumstances());
        self::assertNull($untouched->act(NowAct::WorkInWater), 'nothing is in the bowl');
    }

    public function test_water_poured_otherwise_than_planned_says_nothing_against_the_plan(): void
    {
        $short = new Changes(self::made('pressed-masa')->mixed(0.8, FeelGrade::Cracking)->circumstances());
        self::assertNull($short->change(NextChange::MoreWater), 'a fifth of the water was left out: the plan asks for it already');

        $whole = self::made('pressed-masa')->mixed(1.0, FeelGrade::Cracking)->circumstances();
        $change = (new Changes($whole))->change(NextChange::MoreWater);
        $patch = $change?->asked->patch()['water'] ?? null;
        self::assertIsArray($patch);
        self::assertEqualsWithDelta($whole->plan->dough->hydrationPercent() + 5, $patch['hydration_percent'], 0.06);
    }

    public function test_every_change_can_be_planned_and_changes_the_plan_of_some_bread(): void
    {
        $offered = [];
        foreach (Bench::reference()->styles->all() as $style) {
            $request = ['style' => $style->id];
            $before = self::told(Bench::planOf($request));
            $changes = new Changes(self::made($style->id)->circumstances());
            foreach (NextChange::cases() as $kind) {
                $change = $changes->change($kind);
                if ($change === null) {
                    continue;
                }
                $after = Bench::planOf(GivenRequest::of($request)->with($change->asked)->json());
                if (self::told($after) !== $before) {
                    $offered[$kind->value] = true;
                }
            }
        }
        $weighed = (new Changes(self::made('pressed-masa', ['formula' => ['method' => ['measure' => 'cup']]])->circumstances()))->change(NextChange::Weigh);
        self::assertNotNull($weighed);
        $soured = ['formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'percent' => 100], ['ingredient' => 'vinegar', 'percent' => 4]]]];
        self::assertNotNull((new Changes(self::made('pressed-masa', $soured)->circumstances()))->change(NextChange::LessAcid));
        self::assertNotNull((new Changes(self::made('pressed-masa', $soured)->circumstances()))->change(NextChange::MoreSalt));
        $never = array_diff(array_map(static fn (NextChange $kind): string => $kind->value, NextChange::cases()), array_keys($offered), ['weigh', 'less_acid', 'more_salt']);
        self::assertSame([], array_values($never), 'each has a bread that it is for');
    }

    public function test_every_act_is_said_for_some_bread_with_its_own_numbers(): void
    {
        $dough = new Acts(self::made('pressed-masa')->mixed(1.0, FeelGrade::Tacky)->circumstances());
        foreach (NowAct::cases() as $kind) {
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/', (string) $dough->act($kind)?->text, $kind->value);
        }
        self::assertStringContainsString('215 °C instead of 230 °C', (string) $dough->act(NowAct::TurnDown)?->text);
    }

    public function test_what_was_tried_and_helped_is_thought_of_sooner_and_what_did_not_later(): void
    {
        $batch = self::made('pressed-masa')->mixed(1.0, FeelGrade::Ready)->rested()->baked(1.0, 1.0, 6, 90.0)->circumstances();
        $chance = static function (Tried ...$tried) use ($batch): float {
            foreach ((new Finder(Causes::shipped()))->suspects(new Circumstances($batch->plan, $batch->state, null, array_values($tried)), [Symptom::Cracks]) as $one) {
                if ($one->cause->id === 'edges-dried') {
                    return $one->chance;
                }
            }

            return 0.0;
        };
        self::assertGreaterThan($chance(), $chance(new Tried(Symptom::Cracks, 'edges-dried', true)));
        self::assertLessThan($chance(), $chance(new Tried(Symptom::Cracks, 'edges-dried', false)));
        self::assertSame($chance(), $chance(new Tried(Symptom::Pale, 'edges-dried', false)), 'another symptom is another question');
    }

    public function test_a_remedy_is_followed_to_the_next_batch_that_was_judged(): void
    {
        $seen = static fn (?string $cause): FaultTally => self::tally(Symptom::Cracks, $cause);
        $followed = Followed::in([
            ['faults' => $seen('too-dry'), 'verdict' => self::verdict(Extent::Some)],
            // Nobody said how this one came out.
            ['faults' => FaultTally::empty(), 'verdict' => null],
            ['faults' => $seen('edges-dried'), 'verdict' => self::verdict(Extent::Some)],
            ['faults' => FaultTally::empty(), 'verdict' => self::verdict(Extent::None)],
        ]);
        self::assertEquals([new Tried(Symptom::Cracks, 'too-dry', false), new Tried(Symptom::Cracks, 'edges-dried', true)], $followed);
    }

    public function test_a_verdict_tells_what_was_wrong_and_a_good_one_nothing(): void
    {
        $plan = Bench::plan('pressed-masa');
        self::assertSame([], Seen::in(self::verdict(Extent::None), $plan));
        $bad = Verdict::kept(Pliability::Shatters, Puff::None, 0.9, 0.9, Extent::Much, Extent::Some, 4, 4, 6, null);
        self::assertSame([Symptom::Cracks, Symptom::SticksToGriddle, Symptom::Stiff, Symptom::NoPuff, Symptom::Dark], Seen::in($bad, $plan));
    }

    public function test_every_bread_has_something_to_choose_at_every_stage_and_only_what_it_can_have(): void
    {
        $seen = new Seen(Causes::shipped());
        foreach (Bench::reference()->styles->all() as $style) {
            $plan = Bench::plan($style->id);
            foreach ([Stage::Mix, Stage::Griddle, Stage::Stack, Stage::Judge] as $stage) {
                self::assertGreaterThanOrEqual(3, count($seen->at($stage, $plan)), "$style->id at $stage->value");
            }
            self::assertSame($style->texture->value === 'batter', in_array(Symptom::TooThick, $seen->at(Stage::Mix, $plan), true), $style->id);
        }
    }

    private static function tally(Symptom $symptom, ?string $cause): FaultTally
    {
        $at = new \DateTimeImmutable('2026-03-01T10:00:00Z');

        return FaultTally::empty()
            ->with(new BatchEvent('a', EventKind::FaultSeen, $at, symptom: $symptom))
            ->with(new BatchEvent('b', EventKind::Remedied, $at, symptom: $symptom, cause: $cause));
    }

    private static function verdict(Extent $cracks): Verdict
    {
        return Verdict::kept(Pliability::Folds, Puff::Full, 0.3, 0.3, $cracks, Extent::None, 14, 0, 0, null);
    }

    /** @param array<string, mixed> $request beside the style */
    private static function made(string $style, array $request = []): StagedBatch
    {
        return StagedBatch::of(Bench::planOf(['style' => $style, ...$request]));
    }

    private static function told(BatchPlan $plan): string
    {
        return json_encode(PlanDocument::of($plan)->json, JSON_THROW_ON_ERROR);
    }
}
