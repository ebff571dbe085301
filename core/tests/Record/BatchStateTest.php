<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Document\Record\BowlPart;
use StoneMill\Document\Record\ScalePart;
use StoneMill\Document\StateDocument;
use StoneMill\Dough\FeelGrade;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\RequestChange;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\BowlLine;
use StoneMill\Record\EventKind;
use StoneMill\Record\LineOfPlan;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\ShapeState;
use StoneMill\School\Measuring;
use StoneMill\School\Stage;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use StoneMill\Tests\Seeded;

final class BatchStateTest extends TestCase
{
    private static function planned(): PlannedBatch
    {
        return PlannedBatch::of(Bench::sketch('pressed-masa', RequestChange::roundGriddle(500), RequestChange::weighed(['instant-masa-fine' => 250, 'salt' => 3]), RequestChange::pieces(6)));
    }

    /** @param array<string, mixed> $fields */
    private function event(EventKind $kind, array $fields = [], float $second = 0.0): BatchEvent
    {
        return Entry::of($kind, $second, $fields);
    }

    /** @return list<BatchEvent> */
    private function mixed(): array
    {
        return [
            $this->event(EventKind::Measured, ['ingredient' => 'instant-masa-fine', 'grams' => 250.0]),
            $this->event(EventKind::Measured, ['ingredient' => 'salt', 'grams' => 3.0]),
            $this->event(EventKind::Poured, ['grams' => 290.0]),
        ];
    }

    public function test_a_line_too_small_for_the_scale_brings_no_water_and_stops_nothing(): void
    {
        // 5 g of dough hold 0.03 g of salt: the scale shows none of it.
        $tiny = PlannedBatch::of(Bench::sketch('pressed-masa', RequestChange::dough(5)));
        $bowl = BatchState::of($tiny, [$this->event(EventKind::Measured, ['ingredient' => 'salt', 'grams' => 3.2])])->bowl();
        self::assertSame([0.0], array_column(array_filter($bowl->lines(), static fn (BowlLine $line): bool => $line->planned->ingredient === 'salt'), 'waterPerGram'));
        self::assertGreaterThan(0, $bowl->wantedWaterGrams());
        self::assertGreaterThan(0, $bowl->correctionFor(FeelGrade::Cracking)->waterGrams->likely);
    }

    public function test_the_bowl_holds_what_went_in(): void
    {
        $bowl = BatchState::of(self::planned(), $this->mixed())->bowl();
        self::assertSame(543.0, $bowl->doughGrams());
        self::assertEqualsWithDelta(116, $bowl->hydrationPercent(), 1e-9);
    }

    public function test_water_follows_what_was_weighed_in(): void
    {
        // Planned for 250 g of flour; 300 g went in: a fifth more of everything poured, to the gram of the scale.
        $plan = self::planned();
        $as = BatchState::of($plan, [$this->event(EventKind::Measured, ['ingredient' => 'instant-masa-fine', 'grams' => 250.0])])->bowl();
        self::assertSame([$plan->waterGrams, $plan->firstPourGrams], [$as->wantedWaterGrams(), $as->wantedFirstPourGrams()]);
        $more = BatchState::of($plan, [$this->event(EventKind::Measured, ['ingredient' => 'instant-masa-fine', 'grams' => 300.0])])->bowl();
        self::assertEqualsWithDelta(1.2 * $plan->waterGrams, $more->wantedWaterGrams(), 0.51);
        self::assertEqualsWithDelta(1.2 * $plan->firstPourGrams, $more->wantedFirstPourGrams(), 0.76);
        $water = Said::at((new BowlPart($more))->json(), 'water');
        self::assertTrue($water['follows_weights']->value);
        self::assertEqualsWithDelta($more->wantedWaterGrams(), array_sum($water['jug']->numbers('grams')), 1e-6);
        self::assertEqualsWithDelta(1.2 * $plan->waterGrams + 300 + 3, $more->wholeDoughGrams(), 0.51);
    }

    public function test_a_heavier_egg_brings_water_that_need_not_be_poured(): void
    {
        // Almond wraps: 40 % egg, three quarters of it water. Ten grams more of it are about seven and a half less to pour.
        $plan = PlannedBatch::of(Bench::sketch('almond-wrap'));
        $egg = array_values(array_filter($plan->lines, static fn (LineOfPlan $line): bool => $line->ingredient === 'egg'))[0] ?? self::fail();
        $bowl = BatchState::of($plan, [$this->event(EventKind::Measured, ['ingredient' => 'egg', 'grams' => $egg->grams + 10])])->bowl();
        self::assertEqualsWithDelta($plan->waterGrams - 10 * $egg->broughtByGram(), $bowl->wantedWaterGrams(), 0.51);
        self::assertEqualsWithDelta(7.6, 10 * $egg->broughtByGram(), 0.4);
    }

    public function test_a_correction_moves_the_bowl_by_its_own_grams_and_keeps_salt_in_step(): void
    {
        $events = [...$this->mixed(), $this->event(EventKind::Poured, ['grams' => 50.0])];
        $state = BatchState::of(self::planned(), $events);
        $correction = $state->bowl()->correctionFor(FeelGrade::Sticky);
        // 340 g on 250 g is 136 %, wanted 128 %: 250 · (136/128 − 1) = 15.6 g → 16 g of flour and 16 · 3/250 = 0.192 g of salt.
        self::assertSame(16.0, $correction->flourGrams->likely);
        $after = $state->with($this->event(EventKind::Corrected, ['waterGrams' => 0.0, 'flourGrams' => 16.0]))->bowl();
        self::assertEqualsWithDelta($state->bowl()->doughGrams() + 16.192, $after->doughGrams(), 1e-3);
        self::assertEqualsWithDelta(3.192, $after->lines()[1]->grams, 1e-9);
        self::assertEqualsWithDelta(100 * 340 / 266, $after->hydrationPercent(), 1e-9);
    }

    public function test_once_felt_the_pieces_are_those_of_the_dough_that_is_there(): void
    {
        $poured = BatchState::of(self::planned(), $this->mixed());
        $felt = $poured->with($this->event(EventKind::Felt, ['grade' => FeelGrade::Ready]));
        // Planned 253 + 326 = 579 g, of which 570 g reach the scale; the dough was ready at 253 + 290 = 543 g:
        // 543 · 570/579 = 534.6 → 535 g in six pieces of 89.2 g.
        self::assertGreaterThan(92, $poured->bowl()->pieceGrams());
        self::assertEqualsWithDelta(535 / 6, $felt->bowl()->pieceGrams(), 1e-9);
        $planned = self::planned();
        $shape = new ShapeState($planned, $felt->bowl()->pieceGrams());
        self::assertEqualsWithDelta($planned->diameterMillimetres ** 2 / $planned->pieceGrams, $shape->diameterMillimetres() ** 2 / (535 / 6), 1e-2);
    }

    public function test_corrections_one_after_the_other_lose_no_gram(): void
    {
        $seeded = new Seeded(101);
        for ($case = 0; $case < 100; $case++) {
            $state = BatchState::of(self::planned(), $this->mixed());
            $expected = $state->bowl()->doughGrams();
            for ($round = 0; $round < 4; $round++) {
                $correction = $state->bowl()->correctionFor($seeded->one(FeelGrade::cases()));
                $expected += $correction->waterGrams->likely + $state->bowl()->dryMixGrams($correction->flourGrams->likely);
                $state = $state->with($this->event(EventKind::Corrected, ['waterGrams' => $correction->waterGrams->likely, 'flourGrams' => $correction->flourGrams->likely]));
            }
            self::assertEqualsWithDelta($expected, $state->bowl()->doughGrams(), 1e-2);
        }
    }

    public function test_undoing_an_event_leaves_the_batch_as_if_it_had_not_happened(): void
    {
        $before = $this->mixed();
        $wrong = $this->event(EventKind::Corrected, ['waterGrams' => 40.0, 'flourGrams' => 0.0]);
        $undo = $this->event(EventKind::Undone, ['undoes' => $wrong->id]);
        self::assertSame(
            (new StateDocument(BatchState::of(self::planned(), $before)))->json(),
            (new StateDocument(BatchState::of(self::planned(), [...$before, $wrong, $undo])))->json(),
        );
    }

    public function test_the_scale_counts_down_from_any_reading_and_the_rest_stay_even(): void
    {
        $log = (new ScalePart(BatchState::of(self::planned(), [
            $this->event(EventKind::ScaleSet, ['grams' => 540.0, 'pieces' => 6]),
            // The first piece came out 6 g too heavy: 540 − 96 = 444; the other five share what is left, 88.8 g each.
            $this->event(EventKind::Portioned, ['grams' => 444.0]),
        ])->portions()))->json();
        self::assertSame(355.0, $log['next_mark_grams']);
        self::assertSame(89.0, $log['next_piece_grams']);
        self::assertSame(6.0, $log['worst_deviation_grams']);
    }

    public function test_a_piece_out_of_tolerance_is_named_until_one_is_even_again_and_the_spread_is_told(): void
    {
        $taken = fn (float ...$readings): array => (new ScalePart(BatchState::of(self::planned(), [
            $this->event(EventKind::ScaleSet, ['grams' => 400.0, 'pieces' => 4]),
            ...array_map(fn (float $grams): BatchEvent => $this->event(EventKind::Portioned, ['grams' => $grams]), array_values($readings)),
        ])->portions()))->json();
        // 100 g each, ± 2 g: the first took 106.
        self::assertSame(['piece' => 1, 'off_grams' => 6.0, 'is_last' => false], $taken(294.0)['out_of_tolerance']);
        self::assertNull($taken(300.0)['out_of_tolerance']);
        self::assertNull($taken(294.0, 195.0)['out_of_tolerance']);
        self::assertSame(['piece' => 4, 'off_grams' => -5.0, 'is_last' => true], $taken(299.0, 198.0, 95.0, 0.0)['out_of_tolerance']);
        // 106, 98, 98, 98: mean 100, squares 36 + 3 · 4 = 48, √(48/3) = 4.
        self::assertSame(4.0, $taken(294.0, 196.0, 98.0, 0.0)['spread_percent']);
        self::assertNull($taken(294.0)['spread_percent']);
    }

    public function test_a_whole_countdown_by_the_marks_ends_at_nothing(): void
    {
        $events = [$this->event(EventKind::ScaleSet, ['grams' => 541.0, 'pieces' => 7])];
        for ($piece = 0; $piece < 7; $piece++) {
            $next = (new ScalePart(BatchState::of(self::planned(), $events)->portions()))->json()['next_mark_grams'];
            self::assertIsFloat($next);
            $events[] = $this->event(EventKind::Portioned, ['grams' => $next]);
        }
        $log = BatchState::of(self::planned(), $events)->portions();
        self::assertSame([0.0, 0], [$log->reading(), $log->left()]);
        self::assertLessThanOrEqual(1.0, (new ScalePart($log))->json()['worst_deviation_grams']);
    }

    public function test_a_face_that_was_turned_late_lies_so_much_less_the_next_time(): void
    {
        $planned = self::planned();
        [$first, $second, $third] = array_column($planned->touches, 'atSeconds');
        $events = [$this->event(EventKind::Laid, ['piece' => 1, 'place' => 1], 0), $this->event(EventKind::Turned, ['piece' => 1, 'touch' => 1], $first + 7)];
        $steps = self::stepsOf(BatchState::of($planned, $events), 1);
        // The other face gets all of its own time; the first face, 7 s too long below, lies 7 s less when its turn comes again.
        self::assertEqualsWithDelta($second - $first, $steps[0]['at']->value, 0.11);
        self::assertEqualsWithDelta($third - $first - 7, $steps[1]['at']->value, 0.11);
        self::assertSame(['press', 2], [$steps[0]['action']->value, $steps[0]['touch']->value]);
    }

    public function test_hands_press_and_lay_while_there_is_time_and_turn_when_it_is_due(): void
    {
        $planned = self::planned();
        $steps = StateJson::griddle(BatchState::of($planned, [$this->event(EventKind::Laid, ['piece' => 1, 'place' => 1], 0)]))['steps'];
        $turn = $steps->one('piece', 1);
        self::assertSame(['turn', 1], [$turn['action']->value, $turn['touch']->value]);
        self::assertEqualsWithDelta($planned->touches[0]->atSeconds, $turn['at']->value, 0.11);
        $lay = $steps->one('action', 'lay');
        self::assertSame([2, 2], [$lay['piece']->value, $lay['place']->value]);
        // One pair of hands presses for 14 s before it lays, and for neither does it leave a turn waiting.
        self::assertGreaterThanOrEqual(14.0, $lay['at']->number() - $lay['shape_from']->number());
    }

    /** @return list<Said> of one piece */
    private static function stepsOf(BatchState $state, int $piece): array
    {
        return array_values(array_filter([...StateJson::griddle($state)['steps']], static fn (Said $step): bool => $step['piece']->value === $piece));
    }

    public function test_a_whole_griddle_run_by_the_next_action_lays_touches_and_lifts_every_piece_once(): void
    {
        $events = [];
        $now = 0.0;
        $kinds = ['lay' => EventKind::Laid, 'turn' => EventKind::Turned, 'press' => EventKind::Turned, 'lift' => EventKind::Lifted];
        for ($step = 0; $step < 200; $step++) {
            $next = StateJson::griddle(BatchState::of(self::planned(), $events))['steps'];
            if (count($next) === 0) {
                break;
            }
            $action = $next[0];
            $now += 4;
            $one = $action['action']->text();
            $events[] = $this->event($kinds[$one], ['piece' => $action['piece']->value, ...($one === 'lay' ? ['place' => $action['place']->value] : ['touch' => $action['touch']->value])], $now);
        }
        $state = BatchState::of(self::planned(), $events);
        self::assertSame(6, $state->griddle()->lifted());
        self::assertCount(6 * 4, $events);
    }

    public function test_the_latest_notes_go_along_and_a_long_log_of_them_makes_no_answer_longer(): void
    {
        $state = BatchState::of(self::planned(), []);
        for ($note = 1; $note <= 50; $note++) {
            $state = $state->with($this->event(EventKind::Noted, ['text' => "Note $note", 'stage' => Stage::Mix], $note));
        }
        $notes = Said::at((new StateDocument($state))->json(), 'notes');
        self::assertCount(20, $notes);
        self::assertSame(['Note 31', 'Note 50'], [$notes[0]['text']->value, $notes[19]['text']->value]);
        self::assertSame('mix', $notes[19]['stage']->value);
    }

    public function test_what_cannot_have_happened_is_refused_with_its_field(): void
    {
        $state = BatchState::of(self::planned(), [$this->event(EventKind::Laid, ['piece' => 1, 'place' => 1])]);
        $impossible = [
            'piece' => $this->event(EventKind::Turned, ['piece' => 2]),
            'place' => $this->event(EventKind::Laid, ['piece' => 2, 'place' => 1]),
            'ingredient' => $this->event(EventKind::Measured, ['ingredient' => 'egg', 'grams' => 50.0]),
            'event' => $this->event(EventKind::Undone, ['undoes' => '00000000-0000-4000-8000-999999999999']),
        ];
        foreach ($impossible as $field => $event) {
            $findings = new Findings;
            $state->check($event, Node::root([], $findings));
            self::assertFalse($findings->areEmpty(), $field);
        }
    }

    public function test_what_a_log_follows_is_the_same_of_a_plan_and_of_its_document(): void
    {
        $requests = [['formula' => ['extras' => [['ingredient' => 'rice-white', 'place' => 'dusting']]], 'hands' => 2, 'serve_at' => '2026-03-01T12:30:00+01:00']];
        foreach (Bench::reference()->styles->all() as $style) {
            foreach ([[], ...$requests] as $request) {
                $plan = Bench::sketchOf(['style' => $style->id, ...$request]);
                $stored = Said::json((string) json_encode(PlanDocument::of($plan)))->fields();
                // A document tells seconds to the tenth and grams to the tenth of a milligram.
                self::assertEqualsWithDelta(PlannedBatch::of($plan), PlanDocument::stored($stored, PlanDocument::FORMAT)->planned(), 0.06, $style->id);
            }
        }
    }

    public function test_a_scalded_dough_is_known_as_one_by_its_stored_plan(): void
    {
        // What is learned of scalds goes by the share of starch that heat swelled: a stored plan has to say it.
        $plan = Bench::sketch('millet-round');
        self::assertGreaterThan(0.2, PlanDocument::of($plan)->planned()->swollenShare);
        self::assertEqualsWithDelta($plan->dough->ledger->swollenShare(), PlanDocument::of($plan)->planned()->swollenShare, 1e-4);
    }

    public function test_flour_by_the_cup_leaves_the_hydration_as_unsure_as_the_cup(): void
    {
        $weighed = BatchState::of(self::planned(), [$this->event(EventKind::Poured, ['grams' => 100.0])])->bowl();
        self::assertLessThan(1, $weighed->hydrationBand()['high'] - $weighed->hydrationBand()['low']);
        $plan = PlannedBatch::of(Bench::sketch('pressed-masa', RequestChange::school(Measuring::Feel)));
        $felt = BatchState::of($plan, [$this->event(EventKind::Poured, ['grams' => 300.0])])->bowl();
        // An eye is good to 10 %, eight times in ten to 12.8 %: h / 1.128 to h / 0.872.
        self::assertEqualsWithDelta($felt->hydrationPercent() / 1.12816, $felt->hydrationBand()['low'], 0.01);
        self::assertEqualsWithDelta($felt->hydrationPercent() / 0.87184, $felt->hydrationBand()['high'], 0.01);
    }

    public function test_what_was_poured_so_far_says_how_wet_it_is_so_far(): void
    {
        $pours = [$this->event(EventKind::Poured, ['grams' => 100.0]), $this->event(EventKind::Poured, ['grams' => 141.0])];
        $bowl = BatchState::of(self::planned(), $pours)->bowl();
        self::assertEqualsWithDelta(241, $bowl->waterGrams(), 1e-9);
        self::assertEqualsWithDelta(24100 / $bowl->flourBaseGrams(), $bowl->hydrationPercent(), 1e-9);
    }

    public function test_a_dough_corrected_again_and_again_is_given_another_life(): void
    {
        $events = [$this->event(EventKind::Poured, ['grams' => 150.0])];
        foreach ([FeelGrade::Cracking, FeelGrade::Sticky, FeelGrade::Cracking, FeelGrade::Sticky] as $grade) {
            $events[] = $this->event(EventKind::Felt, ['grade' => $grade]);
            self::assertNull(BatchState::of(self::planned(), $events)->bowl()->rescue());
            $events[] = $this->event(EventKind::Corrected, ['waterGrams' => 5.0, 'flourGrams' => 5.0]);
        }
        $state = BatchState::of(self::planned(), $events)->bowl();
        self::assertStringContainsString('Thin it with', (string) $state->rescue());
        self::assertNull(BatchState::of(self::planned(), [...$events, $this->event(EventKind::Felt, ['grade' => FeelGrade::Ready])])->bowl()->rescue());
    }
}
