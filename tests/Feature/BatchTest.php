<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\BreadRevision;
use App\Models\Kitchen;
use App\Models\LogEntry;
use App\Models\User;
use Database\Seeders\DemoKitchen;
use Illuminate\Database\QueryException;
use StoneMill\Tests\Said;
use Tests\TestCase;

final class BatchTest extends TestCase
{
    private const VERDICT = [
        'pliability' => 'wraps', 'puff' => 'full', 'shade_first' => 0.5, 'shade_second' => 0.4, 'cracks' => 'none', 'sticking' => 'none',
        'pieces_good' => 13, 'pieces_second' => 1, 'pieces_lost' => 0, 'notes' => 'Good.',
    ];

    public function test_a_batch_takes_the_newest_bag_the_first_griddle_and_the_press(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        self::assertSame(DemoKitchen::uuid('bag Masa, striped paper bag'), Said::at($batch, 'request.formula.lines.0.lot')->value);
        self::assertEquals(380, Said::at($batch, 'request.gear.griddle.diameter_mm')->value);
        self::assertEquals(190, Said::at($batch, 'request.gear.press.diameter_mm')->value);
        self::assertSame('choose', Said::at($batch, 'state.stage')->value);
    }

    public function test_starting_twice_with_one_identifier_starts_once(): void
    {
        $this->cook();
        $start = ['id' => self::uuid(), 'bread' => DemoKitchen::uuid('bread rice-round'), 'at' => '2026-03-02T09:00:00Z'];
        $this->postJson('/api/v1/batches', $start)->assertCreated();
        $before = Batch::query()->count();
        $this->postJson('/api/v1/batches', $start)->assertOk()->assertJsonPath('id', $start['id']);
        self::assertSame($before, Batch::query()->count());
    }

    public function test_a_batch_begun_while_the_house_was_away_is_made_by_what_was_prepared_before(): void
    {
        $this->cook();
        $bread = DemoKitchen::uuid('bread rice-round');
        $before = Batch::query()->count();
        $prepared = $this->getJson("/api/v1/breads/$bread/prepared")->assertOk();
        self::assertSame($before, Batch::query()->count());
        $request = $prepared->json('request');

        // Meanwhile somebody keeps another version and another bag: the tablet knew of neither.
        $changed = array_diff_key(Said::at($prepared->json(), 'request')->fields(), ['lots' => 0, 'gear' => 0, 'learned' => 0]);
        data_forget($changed, 'formula.lines.0.lot');
        data_set($changed, 'pieces.count', 20);
        $this->postJson("/api/v1/breads/$bread/revisions", ['after' => 1, 'request' => $changed, 'id' => self::uuid()])->assertCreated();

        $id = self::uuid();
        $started = $this->postJson('/api/v1/batches', ['id' => $id, 'bread' => $bread, 'at' => '2026-03-02T09:00:00Z', 'revision' => 1, 'request' => $request])->assertCreated();
        self::assertSame($prepared->json('plan'), $started->json('plan'));
        self::assertSame($prepared->json('state'), $started->json('state'));
        self::assertSame(1, $started->json('bread.revision'));
        $this->assertDatabaseHas('batch_bags', ['batch_id' => Batch::query()->where('uuid', $id)->value('id')]);

        $wrong = ['id' => self::uuid(), 'bread' => $bread, 'at' => '2026-03-02T09:00:00Z', 'revision' => 9, 'request' => $request];
        $this->postJson('/api/v1/batches', $wrong)->assertUnprocessable()->assertJsonPath('errors.0.path', 'revision');
        $this->postJson('/api/v1/batches', [...$wrong, 'revision' => 1, 'request' => ['style' => 'oat-round']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'request.style');
        self::assertSame($before + 1, Batch::query()->count());
    }

    public function test_an_event_sent_twice_is_recorded_once_in_whatever_company(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $pour = self::event('poured', ['grams' => 300]);
        $this->postJson("/api/v1/batches/$id/events", ['events' => [$pour]])->assertOk()->assertJsonPath('state.bowl.water_grams', 300);
        $this->postJson("/api/v1/batches/$id/events", ['events' => [$pour, self::event('felt', ['grade' => 'cracking']), $pour]])
            ->assertOk()->assertJsonPath('state.bowl.water_grams', 300)->assertJsonPath('state.bowl.feel', 'cracking')->assertJsonPath('event_count', 2);
    }

    public function test_of_a_bundle_with_one_bad_event_nothing_is_stored(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $before = LogEntry::query()->count();
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('poured', ['grams' => 300]), self::event('turned', ['piece' => 1])]])
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'events[1].piece');
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('poured', ['grams' => -1])]])
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'events[0].grams');
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('poured')]])
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'events[0].grams');
        self::assertSame($before, LogEntry::query()->count());
    }

    public function test_an_undone_pour_is_out_of_the_bowl_and_still_in_the_log(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $pour = self::event('poured', ['grams' => 300]);
        $this->postJson("/api/v1/batches/$id/events", ['events' => [$pour]])->assertJsonPath('state.undoable', $pour['id']);
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('undone', ['event' => $pour['id']])]])
            ->assertOk()->assertJsonPath('state.bowl.water_grams', 0)->assertJsonPath('event_count', 2);
    }

    public function test_the_plan_can_change_until_water_is_in_the_flour(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $id = $batch['id']->text();
        $request = $batch['request']->fields();
        $request['pieces'] = ['count' => 10, 'grams_each' => 40];
        $this->patchJson("/api/v1/batches/$id", ['version' => 1, 'request' => $request])->assertOk()->assertJsonPath('version', 2)->assertJsonPath('plan.portion.count', 10);
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('poured', ['grams' => 200])]])->assertOk();
        data_set($request, 'formula.lines.1.percent', 2.5);
        $this->patchJson("/api/v1/batches/$id", ['version' => 2, 'request' => $request])->assertUnprocessable()->assertJsonPath('errors.0.path', 'request.formula');
        data_set($request, 'formula.lines.1.percent', 1.2);
        foreach (['pieces.count' => 20, 'formula.scale' => ['flour_grams' => 900], 'formula.texture' => 'batter', 'water.celsius' => 12] as $field => $value) {
            $resized = $request;
            data_set($resized, $field, $value);
            $this->patchJson("/api/v1/batches/$id", ['version' => 2, 'request' => $resized])->assertUnprocessable();
        }
        data_set($request, 'pieces.thickness_mm', 2.4);
        data_set($request, 'griddle.surface_celsius', 240);
        $this->patchJson("/api/v1/batches/$id", ['version' => 2, 'request' => $request])->assertOk()->assertJsonPath('plan.griddle.surface_celsius.value', 240);
    }

    public function test_two_who_change_a_batch_at_once_both_get_both_versions(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $id = $batch['id']->text();
        $mine = [...$batch['request'], 'hands' => 2];
        $yours = [...$batch['request'], 'hands' => 3];
        $this->patchJson("/api/v1/batches/$id", ['version' => 1, 'request' => $mine])->assertOk();
        $this->patchJson("/api/v1/batches/$id", ['version' => 1, 'request' => $yours])
            ->assertConflict()->assertJsonPath('current.request.hands', 2)->assertJsonPath('yours.hands', 3);
    }

    public function test_what_was_never_made_is_not_judged_and_a_pan_bread_is_not_asked_to_fold(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $this->putJson("/api/v1/batches/$id/verdict", ['version' => 1, 'verdict' => self::VERDICT])->assertUnprocessable()->assertJsonPath('errors.0.path', 'verdict');
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('poured', ['grams' => 300])]])->assertOk();
        $open = array_diff_key(self::VERDICT, ['pliability' => true, 'puff' => true]);
        $this->putJson("/api/v1/batches/$id/verdict", ['version' => 1, 'verdict' => $open])->assertUnprocessable()->assertJsonPath('errors.0.path', 'verdict.pliability');

        $bread = self::uuid();
        $this->postJson('/api/v1/breads', ['id' => $bread, 'name' => 'Pan bread', 'request' => ['style' => 'chickpea-pan-bread']])->assertCreated();
        $pan = self::uuid();
        $this->postJson('/api/v1/batches', ['id' => $pan, 'bread' => $bread, 'at' => '2026-03-02T09:00:00Z'])->assertCreated()->assertJsonPath('state.judged_by', ['fold' => false, 'puff' => false]);
        $this->postJson("/api/v1/batches/$pan/events", ['events' => [self::event('poured', ['grams' => 300])]])->assertOk();
        $this->putJson("/api/v1/batches/$pan/verdict", ['version' => 1, 'verdict' => [...$open, 'pieces_good' => 2, 'pieces_second' => 0, 'pieces_lost' => 0]])->assertOk()->assertJsonPath('is_good', true);
        $found = collect((array) $this->getJson('/api/v1/batches')->json('batches'))->firstWhere('id', $pan);
        self::assertNull(data_get($found, 'verdict.pliability', 'nothing'));
    }

    public function test_a_verdict_ends_the_batch_and_is_found_again(): void
    {
        $this->cook();
        $id = $this->pouredBatch()['id']->text();
        $this->putJson("/api/v1/batches/$id/verdict", ['version' => 1, 'verdict' => [...self::VERDICT, 'pieces_good' => 15]])
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'verdict.pieces_good');
        $this->putJson("/api/v1/batches/$id/verdict", ['version' => 1, 'verdict' => self::VERDICT])->assertOk();
        $found = collect((array) $this->getJson('/api/v1/batches')->json('batches'))->firstWhere('id', $id);
        self::assertSame('wraps', Said::at($found, 'verdict.pliability')->value);
        self::assertNotNull(Said::at($found, 'finished_at')->value);
    }

    public function test_one_kitchen_never_sees_another_s_batches(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $id = $batch['id']->text();
        $this->otherCook();
        $this->getJson("/api/v1/batches/$id")->assertNotFound();
        $this->patchJson("/api/v1/batches/$id", ['version' => 1, 'request' => $batch['request']])->assertNotFound();
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('poured', ['grams' => 1])]])->assertNotFound();
        $this->putJson("/api/v1/batches/$id/verdict", ['version' => 1, 'verdict' => self::VERDICT])->assertNotFound();
        $this->postJson('/api/v1/batches', ['id' => $id, 'bread' => DemoKitchen::uuid('bread pressed-masa'), 'at' => '2026-03-02T09:00:00Z'])->assertNotFound();
        $this->postJson('/api/v1/batches', ['id' => self::uuid(), 'bread' => DemoKitchen::uuid('bread pressed-masa'), 'at' => '2026-03-02T09:00:00Z'])
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'bread');
        self::assertSame([], $this->getJson('/api/v1/batches')->json('batches'));
    }

    public function test_the_database_itself_keeps_the_log_and_the_revisions(): void
    {
        $this->cook();
        foreach ([LogEntry::query()->firstOrFail()->fill(['grams' => 1.0]), BreadRevision::query()->firstOrFail()->fill(['number' => 9])] as $row) {
            try {
                $row->save();
                self::fail('A kept row was changed.');
            } catch (QueryException $refusal) {
                self::assertMatchesRegularExpression('/append-only|never changes/', $refusal->getMessage());
            }
        }
    }

    public function test_the_demo_kitchen_is_the_same_on_every_start(): void
    {
        $this->cook();
        $first = $this->getJson('/api/v1/batches')->getContent();
        $kitchen = $this->getJson('/api/v1/kitchen')->getContent();
        User::query()->delete();
        Batch::query()->delete();
        Kitchen::query()->delete();
        $this->cook();
        self::assertSame([$first, $kitchen], [$this->getJson('/api/v1/batches')->getContent(), $this->getJson('/api/v1/kitchen')->getContent()]);
    }

    public function test_the_demo_kitchen_has_four_breads_six_bags_two_griddles_a_press_a_scale_two_pans_and_one_batch_under_way(): void
    {
        $this->cook();
        $kitchen = $this->getJson('/api/v1/kitchen')->json();
        self::assertSame([4, 6], [count(Said::at($kitchen, 'breads')->all()), count(Said::at($kitchen, 'lots')->all())]);
        self::assertSame(['griddle' => 2, 'press' => 1, 'scale' => 1, 'pan' => 1], array_count_values(Said::at($kitchen, 'gear')->texts('kind')));
        $open = array_filter([...self::document($this->getJson('/api/v1/batches'))['batches']], static fn (Said $batch): bool => $batch['finished_at']->value === null);
        self::assertSame(['mix'], array_map(static fn (Said $batch): string => $batch['stage']->text(), array_values($open)));
    }
}
