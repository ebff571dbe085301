<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use PHPUnit\Framework\TestCase;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\BenchWait;
use StoneMill\Record\ClockKind;
use StoneMill\Record\EventKind;
use StoneMill\Record\Headway;
use StoneMill\Record\LogTime;
use StoneMill\Record\PlannedBatch;
use StoneMill\School\Stage;
use StoneMill\Tests\Bench;

/** What comes when, counted from what was done and not from what was planned. */
final class LineStateTest extends TestCase
{
    public function test_before_anything_was_done_nothing_is_told_however_far_a_cook_looked_ahead(): void
    {
        self::assertSame([], $this->stages([]));
        self::assertSame([], $this->stages([$this->gone(Stage::Measure, 10), $this->gone(Stage::Judge, 20)]));
    }

    public function test_each_stage_to_come_begins_as_long_after_the_rest_as_in_the_plan(): void
    {
        $plan = self::masa();
        $stages = $this->stages([$this->poured(100), Entry::of(EventKind::RestStarted, 700)]);
        self::assertSame(['rest', 'portion', 'shape', 'griddle', 'stack', 'judge'], array_keys($stages));
        self::assertSame(700.0, $stages['rest']);
        foreach ([Stage::Portion, Stage::Shape, Stage::Griddle, Stage::Stack] as $stage) {
            self::assertEqualsWithDelta(700 + $plan->fromStage(Stage::Rest) - $plan->fromStage($stage), $stages[$stage->value], 0.01);
        }
        self::assertEqualsWithDelta(700 + $plan->fromStage(Stage::Rest), $stages['judge'], 0.01);
    }

    public function test_looking_ahead_from_the_rest_makes_nothing_sooner_and_coming_late_makes_all_later(): void
    {
        $plan = self::masa();
        $work = [$this->poured(100), Entry::of(EventKind::RestStarted, 700)];
        $asPlanned = $this->stages($work);
        self::assertSame($asPlanned, $this->stages([...$work, $this->gone(Stage::Griddle, 720), $this->gone(Stage::Rest, 730)]));
        $late = $asPlanned['portion'] + 600;
        $stages = $this->stages([...$work, $this->gone(Stage::Portion, $late)]);
        self::assertSame(['portion', 'shape', 'griddle', 'stack', 'judge'], array_keys($stages));
        self::assertSame($late, $stages['portion']);
        self::assertEqualsWithDelta($late + $plan->fromStage(Stage::Portion), $stages['judge'], 0.01);
    }

    public function test_who_portions_sooner_than_planned_is_sooner_and_turns_the_griddle_on_at_once(): void
    {
        $plan = self::masa();
        $work = [$this->poured(100), Entry::of(EventKind::RestStarted, 700), $this->gone(Stage::Portion, 760)];
        self::assertSame('rest', array_key_first($this->stages($work)), 'Only looked at.');
        $set = [...$work, Entry::of(EventKind::ScaleSet, 800, ['grams' => 600.0])];
        $stages = $this->stages($set);
        self::assertSame(['portion', 'shape', 'griddle', 'stack', 'judge'], array_keys($stages));
        self::assertSame(760.0, $stages['portion']);
        self::assertEqualsWithDelta(760 + $plan->fromStage(Stage::Portion), $stages['judge'], 0.01);
        $on = array_values(array_filter(BatchState::of($plan, $set)->clocks()->all(), static fn (BenchWait $wait): bool => $wait->kind === ClockKind::Preheat))[0];
        self::assertEquals(Entry::eleven(760), $on->endsAt);
    }

    public function test_once_the_first_lies_there_course_and_griddle_say_one_time(): void
    {
        $state = BatchState::of(self::masa(), [$this->poured(100), Entry::of(EventKind::RestStarted, 700), $this->laid(1200)]);
        $stages = $this->stages([$this->poured(100), Entry::of(EventKind::RestStarted, 700), $this->laid(1200)]);
        self::assertSame(['griddle', 'stack', 'judge'], array_keys($stages));
        self::assertSame(1200.0, $stages['griddle']);
        self::assertSame($state->readyAt()?->format('U.v'), Entry::eleven($stages['judge'])->format('U.v'));
        self::assertEqualsWithDelta(self::masa()->stackSeconds, $stages['judge'] - $stages['stack'], 0.1);
    }

    public function test_the_entry_that_is_told_to_begin_a_stage_brings_the_work_there_and_all_after_it_keeps_its_distance(): void
    {
        $entries = [
            'mix' => $this->poured(100), 'rest' => Entry::of(EventKind::RestStarted, 900), 'portion' => Entry::of(EventKind::ScaleSet, 2000, ['grams' => 600.0]),
            'griddle' => $this->laid(4000), 'stack' => Entry::of(EventKind::Stacked, 9000),
        ];
        $log = [];
        foreach ($entries as $stage => $entry) {
            self::assertSame($entry->kind, Headway::begunBy(Stage::from($stage)));
            $before = $this->stages($log);
            $log[] = $entry;
            $now = $this->stages($log);
            self::assertSame($stage, array_key_first($now));
            foreach ($stage === 'mix' || $stage === 'griddle' ? [] : $now as $later => $at) {
                // Once bread lies there the griddle's own order tells; before anything was done, the plan.
                self::assertEqualsWithDelta($before[$later] - $before[$stage], $at - $now[$stage], 0.11, "$later after $stage");
            }
        }
        self::assertNull(Headway::begunBy(Stage::Shape));
    }

    public function test_what_should_have_begun_and_has_not_begins_now_at_the_soonest_unless_the_batch_was_left_lying(): void
    {
        $state = BatchState::of(self::masa(), [$this->poured(100)]);
        $stages = $this->stages([$this->poured(100)]);
        $ready = static fn (float $second): float => LogTime::between(Entry::eleven(), $state->readyBy(Entry::eleven($second)) ?? Entry::eleven());
        self::assertEqualsWithDelta($stages['judge'], $ready($stages['rest'] - 30), 0.01, 'not yet due');
        self::assertEqualsWithDelta($stages['judge'] + 420, $ready($stages['rest'] + 420), 0.01, 'seven minutes overdue');
        self::assertEqualsWithDelta($stages['judge'] + 10_800, $ready($stages['rest'] + 10_800), 0.01);
        self::assertEqualsWithDelta($stages['judge'], $ready($stages['rest'] + 10_801), 0.01, 'left lying');
        // A stack is ready by itself, whoever looks.
        $stack = BatchState::of(self::masa(), [$this->poured(100), $this->laid(1200), Entry::of(EventKind::Stacked, 5000)]);
        self::assertEquals($stack->readyAt(), $stack->readyBy(Entry::eleven(9000)));
        self::assertNull(BatchState::of(self::masa(), [])->readyBy(Entry::eleven(9000)));
    }

    public function test_a_stack_that_was_begun_late_is_ready_late(): void
    {
        $stages = $this->stages([$this->poured(100), $this->laid(1200), Entry::of(EventKind::Stacked, 5000)]);
        self::assertSame(['stack' => 5000.0, 'judge' => 5000.0 + self::masa()->stackSeconds], $stages);
    }

    public function test_who_weighs_and_looks_ahead_is_as_far_as_the_last_line_weighed(): void
    {
        $plan = self::masa();
        $weighed = Entry::of(EventKind::Measured, 60, ['ingredient' => $plan->lines[0]->ingredient, 'grams' => $plan->lines[0]->grams]);
        $stages = $this->stages([$this->gone(Stage::Measure, 10), $this->gone(Stage::Griddle, 20), $weighed]);
        self::assertSame(60.0, $stages['measure']);
        self::assertSame(10.0, $this->stages([$this->gone(Stage::Measure, 10), $weighed])['measure']);
    }

    /**
     * @param list<BatchEvent> $events
     * @return array<string, float> seconds after eleven o'clock at which each begins
     */
    private function stages(array $events): array
    {
        $state = BatchState::of(self::masa(), $events);
        $griddle = $state->griddle();
        $line = $state->line($griddle, $griddle->steps())->stages();

        return array_combine(
            array_map(static fn (Headway $one): string => $one->stage->value, $line),
            array_map(static fn (Headway $one): float => LogTime::between(Entry::eleven(0.0), $one->at), $line),
        );
    }

    private function poured(float $second): BatchEvent
    {
        return Entry::of(EventKind::Poured, $second, ['grams' => 300.0]);
    }

    private function laid(float $second): BatchEvent
    {
        return Entry::of(EventKind::Laid, $second, ['piece' => 1, 'place' => 1]);
    }

    private function gone(Stage $stage, float $second): BatchEvent
    {
        return Entry::of(EventKind::Entered, $second, ['stage' => $stage]);
    }

    private static function masa(): PlannedBatch
    {
        return PlannedBatch::of(Bench::sketch('pressed-masa'));
    }
}
