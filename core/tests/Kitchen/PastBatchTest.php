<?php

declare(strict_types=1);

namespace StoneMill\Tests\Kitchen;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Dough\FeelGrade;
use StoneMill\Kitchen\PastBatch;
use StoneMill\Kitchen\PastEntry;
use StoneMill\Learn\WaterLesson;
use StoneMill\Plan\GivenRequest;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\Extent;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Pliability;
use StoneMill\Record\Verdict;
use StoneMill\Tests\Bench;

/** A batch that was made before the house was there. */
final class PastBatchTest extends TestCase
{
    private const BREAD = ['style' => 'pressed-masa', 'pieces' => ['count' => 12, 'grams_each' => 32], 'water' => ['dough_celsius' => 30]];

    public function test_it_is_planned_for_its_own_flour_pieces_and_water_and_holds_what_was_poured(): void
    {
        $past = self::past(['flour' => 400.0, 'water' => 540.0, 'celsius' => 45.0, 'pieces' => 20, 'felt' => FeelGrade::Ready]);
        $plan = self::planned($past);
        self::assertSame(20, $plan->count);
        $state = self::after($past, $plan);
        self::assertEqualsWithDelta(400, $state->bowl()->flourBaseGrams(), 0.5);
        // 540 g on 400 g.
        self::assertEqualsWithDelta(135, $state->bowl()->hydrationPercent(), 0.2);
        self::assertSame(FeelGrade::Ready, $state->bowl()->feel());
        $lesson = WaterLesson::of($plan, $state);
        self::assertNotNull($lesson);
        self::assertEqualsWithDelta(135 - $plan->catalogueHydrationPercent(), $lesson->points, 0.3);
        self::assertNull($lesson->parts[0]['bag'], 'nobody knows the bag');
    }

    public function test_water_told_in_percent_is_of_the_flour_that_it_was_planned_with(): void
    {
        $past = self::past(['percent' => 130.0]);
        $plan = self::planned($past);
        self::assertEqualsWithDelta(130, self::after($past, $plan)->bowl()->hydrationPercent(), 0.1);
    }

    public function test_what_was_weighed_stands_above_what_the_record_says_and_what_the_bread_does_not_have_is_noted(): void
    {
        $at = new DateTimeImmutable('2026-11-07T09:00:00Z');
        $past = self::past(['flour' => 300.0, 'water' => 380.0, 'weighed' => [
            new PastEntry(EventKind::Measured, $at, 'instant-masa-fine', 301.0),
            new PastEntry(EventKind::Measured, $at, 'ghee', 10.0),
            new PastEntry(EventKind::Poured, $at, grams: 378.0),
        ], 'notes' => 'Rain.']);
        $events = $past->events('0f8fad5b-d9cb-469f-a165-70867728950e', self::planned($past));
        self::assertSame(['measured', 'poured', 'noted', 'noted'], array_map(static fn (BatchEvent $event): string => $event->kind->value, $events));
        self::assertSame([378.0, 'Weighed in 10 g of ghee, which is not in this bread.', 'Rain.'], [$events[1]->grams, $events[2]->text, $events[3]->text]);
    }

    public function test_nothing_is_said_of_a_batch_of_which_nothing_was_written(): void
    {
        self::assertSame([], self::past([])->events('0f8fad5b-d9cb-469f-a165-70867728950e', self::planned(self::past([]))));
    }

    public function test_the_same_batch_has_one_name_in_a_kitchen_and_another_in_the_next(): void
    {
        $id = self::past([])->idIn('1');
        self::assertMatchesRegularExpression('/^[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/', $id);
        self::assertSame($id, self::past(['water' => 300.0])->idIn('1'));
        self::assertNotSame($id, self::past([])->idIn('2'));
    }

    public function test_whether_it_was_good_is_what_was_said_or_what_follows_from_what_was_told_or_unknown(): void
    {
        $of = static fn (?Pliability $pliability = null, ?Extent $cracks = null, ?int $lost = null, ?bool $again = null): ?bool => Verdict::kept($pliability, null, null, null, $cracks, null, null, null, $lost, null, null, [], $again)->isGood();
        self::assertNull($of());
        self::assertTrue($of(again: true, lost: 2));
        self::assertFalse($of(lost: 2));
        self::assertNull($of(lost: 0), 'nobody told of cracks');
        self::assertTrue($of(lost: 0, cracks: Extent::None));
        self::assertFalse($of(cracks: Extent::Some));
        self::assertFalse($of(pliability: Pliability::Limp));
    }

    /** @param array{flour?: float, water?: float, percent?: float, celsius?: float, pieces?: int, felt?: FeelGrade, weighed?: list<PastEntry>, notes?: string} $told */
    private static function past(array $told): PastBatch
    {
        return new PastBatch('A7', new DateTimeImmutable('2026-11-07T12:00:00Z'), $told['flour'] ?? null, $told['water'] ?? null, $told['percent'] ?? null, $told['celsius'] ?? null, $told['pieces'] ?? null, $told['felt'] ?? null, $told['weighed'] ?? [], null, $told['notes'] ?? null);
    }

    private static function planned(PastBatch $past): PlannedBatch
    {
        return PlanDocument::of(Bench::planOf($past->request(GivenRequest::of(self::BREAD))->json()))->planned();
    }

    private static function after(PastBatch $past, PlannedBatch $plan): BatchState
    {
        return BatchState::of($plan, $past->events('0f8fad5b-d9cb-469f-a165-70867728950e', $plan));
    }
}
