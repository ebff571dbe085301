<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\StateDocument;
use StoneMill\Dough\FeelGrade;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\PlannedBatch;
use StoneMill\School\Stage;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** What is waited for: kneading, the rest, the griddle's warming, oven and stack. */
final class ClocksTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    private function event(EventKind $kind, float $second, array $fields = []): BatchEvent
    {
        return Entry::of($kind, $second, $fields);
    }

    /**
     * @param list<BatchEvent> $events
     * @return array<string, float|null> seconds after eleven o'clock at which each clock is over, by kind
     */
    private function ends(PlannedBatch $plan, array $events): array
    {
        $ends = [];
        foreach (Said::at((new StateDocument(BatchState::of($plan, $events)))->json(), 'clocks') as $clock) {
            $ends[$clock['kind']->text()] = $clock['ends_at']->value === null ? null : (float) (new DateTimeImmutable($clock['ends_at']->text()))->getTimestamp() - Entry::eleven()->getTimestamp();
        }

        return $ends;
    }

    private function masa(): PlannedBatch
    {
        return PlannedBatch::of(Bench::sketch('pressed-masa'));
    }

    public function test_the_griddle_is_turned_on_later_by_a_cook_who_began_the_rest_later(): void
    {
        $plan = $this->masa();
        $ahead = max(0.0, $plan->fromStage(Stage::Rest) - $plan->fromPreheat());
        foreach ([400.0, 2000.0] as $rested) {
            $ends = $this->ends($plan, [$this->event(EventKind::Poured, 100, ['grams' => 300.0]), $this->event(EventKind::RestStarted, $rested)]);
            self::assertEqualsWithDelta($rested + $ahead, $ends['preheat'], 1.0);
            self::assertSame($rested + $plan->restSeconds, $ends['rest']);
        }
    }

    public function test_looking_ahead_at_a_stage_moves_no_clock_and_reading_the_metal_ends_its_warming(): void
    {
        $plan = $this->masa();
        $work = [$this->event(EventKind::Poured, 100, ['grams' => 300.0]), $this->event(EventKind::RestStarted, 400)];
        $looked = [...$work, $this->event(EventKind::Entered, 410, ['stage' => Stage::Griddle]), $this->event(EventKind::Entered, 420, ['stage' => Stage::Rest])];
        self::assertSame($this->ends($plan, $work), $this->ends($plan, $looked));
        self::assertNull($this->ends($plan, [...$work, $this->event(EventKind::SurfaceTaken, 500, ['celsius' => 120.0])])['preheat']);
    }

    public function test_before_the_water_only_what_was_weighed_shows_that_the_work_has_begun(): void
    {
        $plan = $this->masa();
        $looked = $this->event(EventKind::Entered, 10, ['stage' => Stage::Measure]);
        self::assertNull($this->ends($plan, [$looked])['preheat'], 'A batch for tomorrow may be looked at today.');
        $weighed = $this->event(EventKind::Measured, 20, ['ingredient' => $plan->lines[0]->ingredient, 'grams' => $plan->lines[0]->grams]);
        self::assertEqualsWithDelta(10 + $plan->fromStage(Stage::Measure) - $plan->fromPreheat(), $this->ends($plan, [$looked, $weighed])['preheat'], 1.0);
    }

    public function test_a_clock_stops_when_what_it_is_for_has_begun_and_an_undo_sets_it_going_again(): void
    {
        $plan = $this->masa();
        $knead = $this->event(EventKind::KneadStarted, 200);
        $felt = $this->event(EventKind::Felt, 300, ['grade' => FeelGrade::Ready]);
        $log = [$this->event(EventKind::Poured, 100, ['grams' => 300.0]), $knead];
        self::assertSame(200.0 + $plan->kneadSeconds, $this->ends($plan, $log)['knead']);
        self::assertNull($this->ends($plan, [...$log, $felt])['knead']);
        self::assertSame(200.0 + $plan->kneadSeconds, $this->ends($plan, [...$log, $felt, $this->event(EventKind::Undone, 310, ['undoes' => $felt->id])])['knead']);
        self::assertNull($this->ends($plan, [$log[0]])['knead'], 'Nobody has begun to knead.');
    }

    public function test_the_griddle_is_hot_from_the_first_reading_until_the_last_lift_is_due(): void
    {
        $plan = $this->masa();
        $until = fn (BatchEvent ...$events): ?float => ($at = Said::at((new StateDocument(BatchState::of($plan, array_values($events))))->json(), 'griddle.hot_until'))->value === null ? null : (float) (new DateTimeImmutable($at->text()))->format('U.v') - Entry::eleven()->getTimestamp();
        self::assertNull($until($this->event(EventKind::RestStarted, 10)));
        $read = $until($this->event(EventKind::SurfaceTaken, 100, ['celsius' => 210.0]));
        self::assertEqualsWithDelta(200.0, $until($this->event(EventKind::SurfaceTaken, 300, ['celsius' => 210.0])) - $read, 0.01, 'read later, hot for longer');
        $laid = $until($this->event(EventKind::SurfaceTaken, 100, ['celsius' => 210.0]), $this->event(EventKind::Laid, 160, ['piece' => 1, 'place' => 1]));
        self::assertGreaterThan($read, $laid, 'the first piece came a minute after the reading');
        $all = [];
        foreach (range(1, $plan->count) as $piece) {
            $all[] = $this->event(EventKind::Laid, 100.0 * $piece, ['piece' => $piece, 'place' => 1]);
            $all[] = $this->event(EventKind::Lifted, 100.0 * $piece + 90, ['piece' => $piece]);
        }
        self::assertNotNull($until(...array_slice($all, 0, -1)));
        self::assertNull($until(...$all), 'all are off');
    }

    public function test_the_oven_rings_for_what_is_in_it_and_a_bread_without_it_has_no_such_clock(): void
    {
        $chickpea = PlannedBatch::of(Bench::sketch('chickpea-pan-bread'));
        $round = $chickpea->finishRounds[0];
        self::assertSame(50.0 + $round->seconds, $this->ends($chickpea, [$this->event(EventKind::OvenIn, 50)])[$round->what->value]);
        self::assertArrayNotHasKey('oven', $this->ends($this->masa(), []));
        self::assertArrayNotHasKey('broiler', $this->ends($this->masa(), []));
    }
}
