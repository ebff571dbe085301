<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\KitchenRole;
use App\Models\Membership;
use Database\Seeders\DemoKitchen;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use StoneMill\Tests\Said;
use Tests\TestCase;

/** Batches that were made before the house was there come into the record out of a cook's own sheet, once, and can be taken out again. */
final class PastTest extends TestCase
{
    private const PAST = ['key' => 'A7', 'at' => '2026-01-07T12:00:00Z', 'flour_grams' => 300, 'water_grams' => 435, 'felt' => 'ready', 'verdict' => ['again' => true, 'score' => 8, 'notes' => 'Soft for two days'], 'notes' => 'Soft for two days'];

    public function test_it_stands_in_the_record_as_it_was_told_and_no_more(): void
    {
        $this->cook();
        $id = self::document($this->keep()->assertCreated()->assertJsonPath('is_new', true))['id']->text();
        $batch = $this->getJson("/api/v1/batches/$id")->assertOk();
        self::assertSame(['2026-01-07T12:00:00.000Z', '2026-01-07T12:00:00.000Z', true, true], [$batch->json('started_at'), $batch->json('finished_at'), $batch->json('is_good'), $batch->json('from_sheet')]);
        self::assertSame([true, 8, null, null, 'Soft for two days'], array_map(static fn (string $field): mixed => $batch->json("verdict.$field"), ['again', 'score', 'cracks', 'pieces_lost', 'notes']));
        // 435 g on 300 g.
        self::assertEqualsWithDelta(145, $batch->json('state.bowl.hydration_percent'), 0.1);
        self::assertSame(['poured', 'felt'], array_column(Said::at($batch->json(), 'events')->all(), 'kind'));
        $found = (array) $this->getJson('/api/v1/batches?verdict=good&words=two+days&done=yes')->json('batches');
        self::assertSame([$id], array_column($found, 'id'));
    }

    public function test_the_same_row_is_one_batch_and_what_was_taken_out_comes_back(): void
    {
        $this->cook();
        $before = Batch::query()->count();
        $id = self::document($this->keep()->assertCreated())['id']->text();
        $this->keep(['water_grams' => 500])->assertOk()->assertJsonPath('id', $id)->assertJsonPath('is_new', false);
        self::assertSame($before + 1, Batch::query()->count());
        $this->putJson("/api/v1/batches/$id/discarded", ['discarded' => true])->assertOk();
        self::assertNotContains($id, array_column((array) $this->getJson('/api/v1/batches?limit=200')->json('batches'), 'id'));
        $this->keep()->assertCreated()->assertJsonPath('id', $id);
        self::assertContains($id, array_column((array) $this->getJson('/api/v1/batches?limit=200')->json('batches'), 'id'));
    }

    public function test_what_was_felt_of_it_comes_back_to_the_next_batch(): void
    {
        $this->cook();
        DB::table('batches')->update(['lesson' => null]);
        $water = fn (): float => Said::at($this->startBatch(), 'plan.water.grams.value')->number() / Said::at($this->startBatch(), 'plan.ledger.0.grams')->number();
        $before = $water();
        foreach (range(1, 5) as $row) {
            $this->keep(['key' => "A$row", 'at' => "2026-02-0{$row}T12:00:00Z"])->assertCreated();
        }
        self::assertGreaterThan($before + 0.04, $water(), 'five thirsty doughs of the kind');
    }

    public function test_what_cannot_have_been_is_refused_by_its_field_and_nothing_of_it_stays(): void
    {
        $this->cook();
        $before = DB::table('batch_events')->count();
        $this->keep(['at' => '2099-01-01T00:00:00Z'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'at');
        $this->keep(['hydration_percent' => 130])->assertUnprocessable()->assertJsonPath('errors.0.limit', 'water_grams or hydration_percent');
        $this->keep(['bread' => self::uuid()])->assertUnprocessable()->assertJsonPath('errors.0.path', 'bread');
        $this->keep(['pieces' => 3, 'verdict' => ['pieces_good' => 3, 'pieces_lost' => 1]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'verdict');
        $this->keep(['weighed' => [['kind' => 'laid', 'at' => '2026-01-07T12:00:00Z', 'piece' => 1]]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'weighed[0].kind');
        self::assertSame($before, DB::table('batch_events')->count());
    }

    public function test_whoever_only_looks_on_brings_nothing_in_and_another_kitchens_row_is_its_own(): void
    {
        $cook = $this->cook();
        $id = self::document($this->keep())['id']->text();
        Membership::query()->where('user_id', $cook->id)->update(['role' => KitchenRole::Guest]);
        $this->keep(['key' => 'A8'])->assertForbidden();
        $this->otherCook();
        $bread = Said::at($this->getJson('/api/v1/kitchen')->json(), 'breads.0.id')->text();
        self::assertNotSame($id, $this->keep(['bread' => $bread])->assertCreated()->json('id'));
    }

    public function test_the_tables_of_one_house_are_read_into_another(): void
    {
        $this->cook();
        $csv = ['made' => ['csv' => $this->get('/exports/record.csv')->streamedContent()], 'weighed' => ['csv' => $this->get('/exports/weighings.csv')->streamedContent()]];
        $here = Batch::query()->whereNotNull('finished_at')->whereNull('discarded_at')->with('verdict')->get()->keyBy('uuid');
        $this->otherCook();
        $breads = array_map(function (mixed $style): array {
            $id = self::uuid();
            $style = (new Said($style))->text();
            $this->postJson('/api/v1/breads', ['id' => $id, 'name' => DB::table('formulas')->where('uuid', DemoKitchen::uuid("bread $style"))->value('name'), 'request' => ['style' => $style]])->assertCreated();

            return ['id' => $id, 'name' => DB::table('formulas')->where('uuid', $id)->value('name')];
        }, DB::table('formulas')->whereIn('id', DB::table('formula_revisions')->whereIn('id', $here->pluck('formula_revision_id'))->pluck('formula_id'))->pluck('style')->unique()->values()->all());
        $read = (array) $this->postJson('/api/v1/past', [...$csv, 'breads' => $breads])->assertOk()->json('batches');
        $checked = 0;
        foreach ($read as $row) {
            $known = $here->get(Said::at($row, 'batch.key')->text());
            if ($known?->verdict === null) {
                continue;
            }
            $id = self::document($this->postJson('/api/v1/batches/past', [...Said::at($row, 'batch')->all(), 'bread' => Said::at($row, 'bread')->value])->assertCreated())['id']->text();
            $there = Batch::query()->with('verdict')->where('uuid', $id)->firstOrFail();
            self::assertSame([$known->is_good, $known->verdict->pliability, $known->verdict->pieces_lost], [$there->is_good, $there->verdict?->pliability, $there->verdict?->pieces_lost]);
            self::assertEqualsWithDelta(Said::at($known->summary, 'hydration_percent')->number(), Said::at($there->summary, 'hydration_percent')->number(), 2.0);
            $checked++;
        }
        self::assertGreaterThan(3, $checked);
    }

    /**
     * @param array<string, mixed> $otherwise
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function keep(array $otherwise = []): TestResponse
    {
        return $this->postJson('/api/v1/batches/past', [...self::PAST, 'bread' => DemoKitchen::uuid('bread pressed-masa'), ...$otherwise]);
    }
}
