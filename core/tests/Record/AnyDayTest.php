<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\Record\ScalePart;
use StoneMill\Document\StateDocument;
use StoneMill\Dough\FeelGrade;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\Record\PlannedBatch;
use StoneMill\School\Doneness;
use StoneMill\School\ExtraPlace;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use StoneMill\Tests\Seeded;

/** Days drawn at random: whatever a cook may enter, in whatever order, the batch still adds up. */
final class AnyDayTest extends TestCase
{
    private const DAYS = 60;

    private const ENTRIES = 50;

    /** @return list<BatchEvent> what was entered and taken; entries that cannot have happened were refused */
    private static function day(Seeded $seeded, PlannedBatch $plan): array
    {
        $taken = [];
        for ($number = 0; $number < self::ENTRIES; $number++) {
            $state = BatchState::of($plan, $taken);
            $event = self::entry($seeded, $state, $plan, $number);
            $findings = new Findings;
            $state->check($event, Node::root([], $findings));
            if ($findings->areEmpty()) {
                $taken[] = $event;
            }
        }

        return $taken;
    }

    private static function entry(Seeded $seeded, BatchState $state, PlannedBatch $plan, int $number): BatchEvent
    {
        $piece = $seeded->int(1, $plan->count + 1);
        $reading = $state->portions()->reading() ?? 0.0;
        $lines = array_column($plan->lines, 'ingredient');
        $kinds = [
            EventKind::Measured, EventKind::Poured, EventKind::Felt, EventKind::Corrected, EventKind::Portioned,
            EventKind::Laid, EventKind::Laid, EventKind::Turned, EventKind::Turned, EventKind::Lifted, EventKind::Undone,
            EventKind::Paused, EventKind::Resumed, EventKind::CentreTaken,
            EventKind::SignSeen, EventKind::StepBegun, EventKind::StepDone, EventKind::ExtraWeighed,
            $number < 10 ? EventKind::ScaleSet : EventKind::Lifted,
        ];
        $kind = $seeded->one($kinds);
        $fields = match ($kind) {
            EventKind::Measured => ['ingredient' => $seeded->one([...$lines, 'egg']), 'grams' => $seeded->between(1, 400)],
            EventKind::Poured => ['grams' => $seeded->between(1, 200)],
            EventKind::Felt => ['grade' => $seeded->one(FeelGrade::cases())],
            EventKind::Corrected => ['waterGrams' => $seeded->between(0, 30), 'flourGrams' => $seeded->between(0, 30)],
            EventKind::ScaleSet => ['grams' => $seeded->between(200, 900), 'pieces' => $seeded->int(1, 14)],
            EventKind::Portioned => ['grams' => round($reading * $seeded->between(0.7, 1.05))],
            EventKind::Laid => ['piece' => $piece, 'place' => $seeded->int(1, $plan->places + 1)],
            EventKind::Undone => ['undoes' => self::id($seeded->int(0, $number))],
            EventKind::CentreTaken => ['piece' => $piece, 'celsius' => $seeded->between(40, 100)],
            EventKind::SignSeen => ['piece' => $piece, 'sign' => $seeded->one(Doneness::cases())],
            EventKind::StepBegun, EventKind::StepDone => ['step' => $seeded->one(['dry', 'together', 'bloom'])],
            EventKind::ExtraWeighed => ['extra' => $seeded->one(ExtraPlace::cases()), 'ingredient' => $seeded->one(['sunflower-oil', 'rice-white']), 'grams' => $seeded->between(1, 40)],
            default => ['piece' => $piece],
        };

        return new BatchEvent(...[
            'id' => self::id($number),
            'kind' => $kind,
            'at' => LogTime::later(new DateTimeImmutable('2026-03-01T11:00:00Z'), 5.0 * $number),
            ...$fields,
        ]);
    }

    private static function id(int $number): string
    {
        return sprintf('00000000-0000-4000-8000-%012d', $number);
    }

    private static function plan(Seeded $seeded): PlannedBatch
    {
        return PlannedBatch::of(Bench::planOf([
            'style' => $seeded->one(['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap']),
            'pieces' => ['count' => $seeded->int(1, 12)],
            'formula' => ['extras' => [['ingredient' => 'rice-white', 'place' => 'dusting']]],
            'gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => $seeded->between(200, 600)]],
        ]));
    }

    /** @param callable(BatchState, PlannedBatch, list<BatchEvent>): void $holds */
    private function afterEveryEntryOfAnyDay(int $seed, callable $holds): void
    {
        $seeded = new Seeded($seed);
        for ($day = 0; $day < self::DAYS; $day++) {
            $plan = self::plan($seeded);
            $taken = self::day($seeded, $plan);
            self::assertGreaterThan(5, count($taken), 'a day on which hardly anything was taken shows nothing');
            for ($until = 0; $until <= count($taken); $until += 5) {
                $events = array_slice($taken, 0, $until);
                $holds(BatchState::of($plan, $events), $plan, $events);
            }
        }
    }

    public function test_the_bowl_holds_its_lines_and_its_water_and_nothing_else(): void
    {
        $this->afterEveryEntryOfAnyDay(211, static function (BatchState $state, PlannedBatch $plan, array $events): void {
            $bowl = $state->bowl();
            $undone = array_column($events, 'undoes');
            $water = array_sum(array_map(static fn (BatchEvent $event): float => in_array($event->id, $undone, true) ? 0.0 : match ($event->kind) {
                EventKind::Poured => (float) $event->grams,
                EventKind::Corrected => (float) $event->waterGrams,
                default => 0.0,
            }, $events));
            self::assertEqualsWithDelta($water, $bowl->waterGrams(), 1e-6);
            self::assertEqualsWithDelta(array_sum(array_column($bowl->lines(), 'grams')) + $water, $bowl->doughGrams(), 1e-6);
            self::assertEqualsWithDelta($water, $bowl->hydrationPercent() / 100 * $bowl->flourBaseGrams(), 1e-6);
        });
    }

    public function test_what_was_portioned_and_what_the_scale_still_shows_is_what_was_on_it(): void
    {
        $this->afterEveryEntryOfAnyDay(212, static function (BatchState $state): void {
            $portions = new Said((new ScalePart($state->portions()))->json());
            $pieces = array_sum($portions['pieces']->numbers('grams'));
            $shown = isset($portions['reading_grams']) ? $portions['reading_grams']->number() : 0.0;
            self::assertEqualsWithDelta($portions['start_grams']->value ?? 0.0, $pieces + $shown, 1e-3);
            self::assertSame($portions['count']->value, count($portions['pieces']) + $portions['left']->whole());
        });
    }

    public function test_every_piece_is_in_one_state_and_no_two_share_a_place(): void
    {
        $this->afterEveryEntryOfAnyDay(213, static function (BatchState $state, PlannedBatch $plan): void {
            $griddle = StateJson::griddle($state);
            self::assertSame($state->portions()->count, count($griddle['pieces']) + $griddle['lifted']->whole() + $griddle['to_lay']->whole());
            self::assertGreaterThanOrEqual(0, $griddle['to_lay']->whole());
            $places = array_map(static fn (Said $piece): int => $piece['place']->whole(), [...$griddle['pieces']]);
            self::assertSame(array_values(array_unique($places)), $places);
            self::assertLessThanOrEqual($plan->places, count($places));
        });
    }

    public function test_all_that_hands_are_told_to_do_can_be_done_in_that_order_and_empties_the_griddle(): void
    {
        $kinds = ['lay' => EventKind::Laid, 'lift' => EventKind::Lifted];
        $this->afterEveryEntryOfAnyDay(214, static function (BatchState $state) use ($kinds): void {
            foreach (StateJson::griddle($state)['steps'] as $action) {
                $event = new BatchEvent('00000000-0000-4000-8000-999999999999', $kinds[$action['action']->text()] ?? EventKind::Turned, new DateTimeImmutable('2026-03-01T12:00:00Z'), piece: $action['piece']->whole(), place: $action['place']->whole(), touch: $action['touch']->whole() ?: null);
                $findings = new Findings;
                $state->check($event, Node::root([], $findings));
                self::assertTrue($findings->areEmpty(), json_encode($action, JSON_THROW_ON_ERROR));
                $state = $state->with($event);
            }
            self::assertSame($state->portions()->count, $state->griddle()->lifted());
        });
    }

    public function test_undoing_the_last_entry_again_and_again_ends_where_the_day_began(): void
    {
        $seeded = new Seeded(215);
        for ($day = 0; $day < self::DAYS; $day++) {
            $plan = self::plan($seeded);
            $events = self::day($seeded, $plan);
            for ($left = count($events); ($undoes = (new StateDocument(BatchState::of($plan, $events)))->json()['undoable']) !== null; $left--) {
                self::assertIsString($undoes);
                self::assertGreaterThan(0, $left);
                $events[] = new BatchEvent(sprintf('00000000-0000-4000-8000-1%011d', $left), EventKind::Undone, new DateTimeImmutable('2026-03-01T13:00:00Z'), undoes: $undoes);
            }
            self::assertEquals((new StateDocument(BatchState::of($plan, [])))->json(), (new StateDocument(BatchState::of($plan, $events)))->json());
        }
    }
}
