<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Gear;
use App\Models\User;
use Database\Seeders\DemoKitchen;
use StoneMill\Tests\Said;
use Tests\TestCase;

/** What is recorded of a bag comes back to the next batch, and the cook stays in charge of it. */
final class LearningTest extends TestCase
{
    private const THIRSTY_POINTS = 9.0;

    public function test_batches_with_one_bag_move_the_next_plan_and_its_first_pour(): void
    {
        $this->cook();
        $this->forget();
        $before = $this->startBatch();
        $this->felt($before, self::THIRSTY_POINTS);
        for ($batch = 2; $batch <= 6; $batch++) {
            $this->felt($this->startBatch(), self::THIRSTY_POINTS);
        }
        $after = $this->startBatch();
        self::assertEqualsWithDelta(self::percent($before, 'catalogue_grams') + self::THIRSTY_POINTS, self::percent($after, 'grams.value'), 1.5);
        self::assertEqualsWithDelta(self::percent($before, 'catalogue_grams'), self::percent($after, 'catalogue_grams'), 0.3);
        $held = static fn (Said $batch): float => self::number($batch, 'plan.water.grams.value') - self::number($batch, 'plan.water.first_pour_grams.value');
        self::assertLessThan(0.5 * $held($before), $held($after), 'less has to be kept by, since the bag is known');
        self::assertStringContainsString('from 6 batches', (string) json_encode(Said::at($after, 'plan.water.grams.because')->value));
        self::assertSame(6, Said::at($after, 'plan.water.learned.0.batches')->value);
    }

    public function test_set_aside_the_plan_is_the_catalogue_s_to_the_gram_and_taken_up_again_it_is_back(): void
    {
        $this->cook();
        $this->forget();
        $before = $this->startBatch();
        $this->felt($before, self::THIRSTY_POINTS);
        $learned = $this->startBatch();
        self::assertNotEquals(Said::at($before, 'plan.water.grams.value')->value, Said::at($learned, 'plan.water.grams.value')->value);
        $this->setAside(true);
        self::assertEquals(Said::at($before, 'plan.water.grams')->value, Said::at($this->startBatch(), 'plan.water.grams')->value);
        self::assertEquals(Said::at($before, 'plan.water.first_pour_grams')->value, Said::at($this->startBatch(), 'plan.water.first_pour_grams')->value);
        $this->setAside(false);
        self::assertEquals(Said::at($learned, 'plan.water.grams')->value, Said::at($this->startBatch(), 'plan.water.grams')->value);
    }

    public function test_a_batch_that_is_left_out_teaches_nothing_and_keeps_its_log(): void
    {
        $this->cook();
        $this->forget();
        $before = $this->startBatch();
        $this->felt($before, self::THIRSTY_POINTS);
        $id = $before['id'];
        $this->putJson("/api/v1/batches/$id/lesson", ['left_out' => true])->assertOk()->assertJsonPath('left_out', true)->assertJsonPath('event_count', 2);
        self::assertEquals(Said::at($before, 'plan.water.grams')->value, Said::at($this->startBatch(), 'plan.water.grams')->value);
        self::assertNull(Said::at($this->getJson('/api/v1/kitchen')->json(), 'lots.0.water')->value);
        $this->putJson("/api/v1/batches/$id/lesson", ['left_out' => false])->assertOk();
        self::assertNotEquals(Said::at($before, 'plan.water.grams')->value, Said::at($this->startBatch(), 'plan.water.grams')->value);
        $this->putJson("/api/v1/batches/$id/lesson", ['left_out' => 'yes'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'left_out');
    }

    public function test_an_undone_feel_takes_its_lesson_back(): void
    {
        $this->cook();
        $this->forget();
        $before = $this->startBatch();
        $events = $this->felt($before, self::THIRSTY_POINTS);
        $id = $before['id'];
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('undone', ['event' => $events[1]['id']])]])->assertOk();
        self::assertEquals(Said::at($before, 'plan.water.grams')->value, Said::at($this->startBatch(), 'plan.water.grams')->value);
    }

    public function test_a_bag_named_wrongly_is_put_right_after_the_pour_and_the_right_one_is_learned_of(): void
    {
        $this->cook();
        $this->forget();
        $batch = $this->startBatch();
        $id = $batch['id'];
        $this->felt($batch, self::THIRSTY_POINTS);
        $request = $batch['request']->fields();
        $other = DemoKitchen::uuid('bag Masa, end of the old bag');
        data_set($request, 'formula.lines.0.lot', $other);
        data_set($request, "lots.$other", ['certified_gluten_free' => false]);
        $this->patchJson("/api/v1/batches/$id", ['version' => $batch['version'], 'request' => $request])->assertOk()->assertJsonPath('plan.ledger.0.lot', $other);
        $lots = self::document($this->getJson('/api/v1/kitchen'))['lots'];
        self::assertSame(1, $lots->one('id', $other)['water']['batches']->value);
        self::assertSame(0, $lots->one('id', self::bag())['water']['batches']->value);
    }

    public function test_the_larder_shows_the_bag_settling_batch_by_batch(): void
    {
        $this->cook();
        $this->forget();
        foreach ([8.0, 10.0, 9.0] as $points) {
            $this->felt($this->startBatch(), $points);
        }
        $lots = Said::at($this->getJson('/api/v1/kitchen')->assertOk()->json(), 'lots')->value;
        self::assertIsArray($lots);
        $water = data_get(array_values(array_filter($lots, static fn (mixed $lot): bool => Said::at($lot, 'id')->value === self::bag()))[0], 'water');
        self::assertSame(3, Said::at($water, 'batches')->value);
        $settling = (string) $this->getJson('/api/v1/lots/'.self::bag().'/settling')->assertOk()->getContent();
        $steps = json_decode($settling, true);
        self::assertEqualsWithDelta(8.0, self::number($steps, 'settling.0.points'), 0.6);
        $widths = array_map(static fn (int $step): float => self::number($steps, "settling.$step.known.high") - self::number($steps, "settling.$step.known.low"), [0, 1, 2]);
        self::assertGreaterThan($widths[1], $widths[0]);
        self::assertGreaterThan($widths[2], $widths[1]);
        self::assertStringContainsString('points more than its kind', (string) json_encode(Said::at($water, 'words')->value));
    }

    public function test_a_griddle_calibrated_too_cool_is_planned_for_as_it_is_and_set_aside_as_usual(): void
    {
        $this->cook();
        $griddle = self::uuid();
        Gear::query()->where('kind', 'griddle')->update(['archived_at' => '2026-01-01 00:00:00']);
        $this->putJson("/api/v1/gear/$griddle", ['version' => 0, 'kind' => 'griddle', 'name' => 'Cool plate', 'shape' => 'round', 'diameter_mm' => 320, 'metal' => 'cast_iron', 'burner' => 'home'])->assertOk();
        self::assertEquals(230, Said::at($this->startBatch(), 'plan.griddle.surface_celsius.value')->value);
        $this->putJson('/api/v1/calibrations/'.self::uuid(), ['gear' => $griddle, 'setting' => 'Knob at 6', 'taken_at' => '2026-03-01T10:00:00Z', 'question' => ['believed_celsius' => 195, 'readings' => [['seconds' => 900, 'celsius' => 193]]]])->assertOk();
        $planned = $this->startBatch();
        self::assertEqualsWithDelta(193, self::number($planned, 'plan.griddle.surface_celsius.value'), 2);
        self::assertSame('Knob at 6', Said::at($planned, 'plan.griddle.tool.setting')->value);
        self::assertStringContainsString('Knob at 6 comes to 193', (string) json_encode(Said::at($planned, 'plan.griddle.surface_celsius.because')->value, JSON_UNESCAPED_UNICODE));
        // Cooler metal takes longer.
        self::assertGreaterThan(self::number($this->planned('pressed-masa'), 'griddle.lift.at_seconds'), self::number($planned, 'plan.griddle.lift.at_seconds'));
        $this->patchJson('/api/v1/kitchen', ['aside' => ['name' => "settings:$griddle", 'set' => true]])->assertOk();
        self::assertEquals(230, Said::at($this->startBatch(), 'plan.griddle.surface_celsius.value')->value);
        $this->patchJson('/api/v1/kitchen', ['aside' => ['name' => "settings:$griddle", 'set' => false]])->assertOk();
        self::assertEqualsWithDelta(193, self::number($this->startBatch(), 'plan.griddle.surface_celsius.value'), 2);
    }

    public function test_discs_that_come_out_thick_make_the_next_plan_thicker_slower_and_narrower(): void
    {
        $this->cook();
        $this->forget();
        $first = $this->startBatch();
        $wide = self::number($first, 'state.shape.diameter_mm.value');
        for ($batch = 0; $batch < 5; $batch++) {
            $one = $this->startBatch();
            // Narrower by 5 % at one weight is thicker by a tenth, whatever the plan has learned of it by then.
            $this->postJson("/api/v1/batches/{$one['id']}/events", ['events' => [self::event('disc_measured', ['diameter_mm' => 0.95 * $wide]), self::event('disc_measured', ['diameter_mm' => 0.95 * $wide])]])->assertOk();
        }
        $next = $this->startBatch();
        self::assertEqualsWithDelta(1.1 * self::number($first, 'plan.shape.thickness_mm.value'), self::number($next, 'plan.shape.thickness_mm.value'), 0.04);
        self::assertGreaterThan(self::number($first, 'plan.griddle.lift.at_seconds'), self::number($next, 'plan.griddle.lift.at_seconds'));
        self::assertStringContainsString('thicker than planned', (string) json_encode(Said::at($next, 'plan.shape.thickness_mm.because')->value));
        self::assertContains('learned.thickness', array_column(Said::at($next, 'plan.learned')->all(), 'key'));
    }

    public function test_two_cooks_of_a_kitchen_have_their_own_hand(): void
    {
        $cook = $this->cook();
        $this->forget();
        $second = User::factory()->for($cook->kitchen)->create();
        foreach ([[$cook, 0.0], [$second, -7.0]] as [$who, $points]) {
            $this->actingAs($who);
            for ($batch = 0; $batch < 5; $batch++) {
                $this->felt($this->startBatch(), 4.0 + $points);
            }
        }
        $grams = [];
        foreach ([$cook, $second] as $who) {
            $this->actingAs($who);
            $grams[] = self::percent($this->startBatch(), 'grams.value');
        }
        self::assertGreaterThan($grams[1] + 2, $grams[0], 'the second calls dough ready drier');
        self::assertSame(['feel', 'feel'], array_values(array_filter(array_column((array) $this->getJson('/api/v1/kitchen')->json('learned'), 'kind'), static fn (mixed $kind): bool => $kind === 'feel')));
    }

    private function planned(string $style): Said
    {
        return self::document($this->postJson('/api/v1/plan', ['style' => $style, 'gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => 320, 'metal' => 'cast_iron', 'burner' => 'home']]])->assertOk());
    }

    public function test_the_demo_kitchen_has_learned_something(): void
    {
        $this->cook();
        self::assertGreaterThan(3.0, self::number($this->startBatch(), 'plan.water.learned.0.points'));
    }

    /** What the demo kitchen has baked so far teaches nothing. */
    private function forget(): void
    {
        Batch::query()->update(['lesson_left_out' => true]);
    }

    /**
     * So much is poured that the dough takes these points more than catalogue and practice say, and it is felt ready.
     *
     * @return list<array<string, mixed>> the events
     */
    private function felt(Said $batch, float $points): array
    {
        $events = [
            self::event('poured', ['grams' => round(self::number($batch, 'plan.water.catalogue_grams') + $points / 100 * self::flour($batch), 1)]),
            self::event('felt', ['grade' => 'ready']),
        ];
        $id = $batch['id'];
        $this->postJson("/api/v1/batches/$id/events", ['events' => $events])->assertOk();

        return $events;
    }

    private function setAside(bool $aside): void
    {
        $lot = self::document($this->getJson('/api/v1/kitchen'))['lots']->one('id', self::bag())->fields();
        unset($lot['id'], $lot['water'], $lot['archived'], $lot['is_past'], $lot['left_grams']);
        $this->putJson('/api/v1/lots/'.self::bag(), [...$lot, 'set_aside' => $aside])->assertOk()->assertJsonPath('set_aside', $aside);
    }

    private static function bag(): string
    {
        return DemoKitchen::uuid('bag Masa, striped paper bag');
    }

    private static function flour(mixed $batch): float
    {
        return self::number($batch, 'plan.ledger.0.grams');
    }

    private static function percent(mixed $batch, string $field): float
    {
        return 100 * self::number($batch, "plan.water.$field") / self::flour($batch);
    }

    private static function number(mixed $document, string $path): float
    {
        return Said::at($document, $path)->number();
    }
}
