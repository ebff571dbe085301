<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use Database\Seeders\DemoKitchen;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use StoneMill\Tests\Said;
use Tests\TestCase;

/** What went wrong in a batch of the house: asked, written down, acted on, followed. */
final class CausesTest extends TestCase
{
    public function test_the_batch_at_the_bowl_says_what_can_be_wrong_and_why_its_edges_crack(): void
    {
        $this->cook();
        $batch = Batch::query()->whereNull('finished_at')->firstOrFail();
        $asked = $this->postJson("/api/v1/batches/$batch->uuid/causes", ['stage' => 'mix'])->assertOk();
        self::assertNull($asked->json('diagnosis'));
        self::assertContains('cracks', array_column(Said::at($asked->json(), 'symptoms')->all(), 'symptom'));
        self::assertNotContains('too_thick', array_column(Said::at($asked->json(), 'symptoms')->all(), 'symptom'), 'a dough does not run');

        $told = $this->postJson("/api/v1/batches/$batch->uuid/causes", ['stage' => 'mix', 'symptoms' => ['cracks']])->assertOk();
        self::assertSame('too-dry', $told->json('diagnosis.causes.0.cause'));
        self::assertGreaterThan(0, $told->json('diagnosis.causes.0.now.0.water_grams'));
    }

    public function test_what_was_seen_and_done_stands_in_the_log_and_moves_the_bowl_like_any_correction(): void
    {
        $this->cook();
        $batch = Batch::query()->whereNull('finished_at')->firstOrFail();
        $water = $batch->state()->bowl()->waterGrams();
        $event = static fn (string $kind, array $fields): array => ['id' => (string) Str::uuid(), 'kind' => $kind, 'at' => '2026-11-27T12:00:00.000Z', ...$fields];
        $answer = $this->postJson("/api/v1/batches/$batch->uuid/events", ['events' => [
            $event('fault_seen', ['symptom' => 'cracks', 'stage' => 'mix']),
            $event('remedied', ['symptom' => 'cracks', 'cause' => 'too-dry', 'text' => 'Work in 13 g of water.']),
            $event('corrected', ['water_grams' => 13, 'flour_grams' => 0, 'pieces' => 14]),
        ]])->assertOk();
        self::assertSame([['symptom' => 'cracks', 'name' => 'Cracks at the edge', 'piece' => null, 'cause' => 'too-dry', 'done' => 'Work in 13 g of water.']], $answer->json('state.faults'));
        self::assertEqualsWithDelta($water + 13, $answer->json('state.bowl.water_grams'), 1e-6);
        self::assertSame('Cracks at the edge', $this->getJson('/api/v1/batches')->json('batches.0.faults.0.name'), 'the list knows it, too');
    }

    public function test_a_batch_judged_badly_is_explained_from_its_verdict_and_its_log(): void
    {
        $this->cook();
        $waited = Batch::query()->where('words', 'like', '%Waited too long%')->firstOrFail();
        $told = $this->postJson("/api/v1/batches/$waited->uuid/causes", [])->assertOk();
        self::assertContains('cracks', Said::at($told->json(), 'diagnosis.told')->all());
        self::assertSame('edges-dried', $told->json('diagnosis.causes.0.cause'));
        self::assertMatchesRegularExpression('/was laid 1\d min after the first/', Said::at($told->json(), 'diagnosis.causes.0.evidence.0.text')->text());
    }

    public function test_a_remedy_that_helped_stands_with_the_cause_when_the_same_is_seen_again(): void
    {
        $this->cook();
        // In the demo kitchen a rice round stuck, was left on its first side longer the next time, and let go.
        $batch = $this->startBatch('rice-round');
        $told = $this->postJson("/api/v1/batches/{$batch['id']}/causes", ['symptoms' => ['sticks_to_griddle'], 'stage' => 'griddle'])->assertOk();
        $early = array_values(array_filter(Said::at($told->json(), 'diagnosis.causes')->all(), static fn (mixed $one): bool => Said::at($one, 'cause')->value === 'turned-early'));
        self::assertSame([true], Said::at($early, '0.tried')->value);
        DB::table('batches')->update(['tally' => null]);
        self::assertSame($told->json('diagnosis.causes.0'), $this->postJson("/api/v1/batches/{$batch['id']}/causes", ['symptoms' => ['sticks_to_griddle'], 'stage' => 'griddle'])->assertOk()->json('diagnosis.causes.0'), 'told from the logs alone');
    }

    public function test_the_record_shows_what_recurs_in_the_batches_that_are_looked_for(): void
    {
        $this->cook();
        $all = (array) $this->getJson('/api/v1/batches?done=yes&recurring=yes')->assertOk()->json('recurring');
        self::assertSame([2], array_column(array_filter($all, static fn (mixed $one): bool => Said::at($one, 'symptom')->value === 'cracks'), 'batches'), 'two batches cracked');
        $rice = DemoKitchen::uuid('bread rice-round');
        $ofRice = (array) $this->getJson("/api/v1/batches?bread=$rice&recurring=yes")->json('recurring');
        self::assertSame([['symptom' => 'sticks_to_griddle', 'name' => 'Sticks to the griddle', 'cause' => 'turned-early', 'cause_name' => 'Turned before it had set', 'batches' => 1]], $ofRice);
    }

    public function test_a_riddle_is_told_once_it_is_answered_and_the_first_answer_counts_for_its_cook(): void
    {
        $this->cook();
        $right = self::document($this->postJson('/api/v1/riddle', ['seed' => 5, 'answer' => 'x'])->assertOk())['outcome']['cause']->text();
        $this->postJson('/api/v1/riddles', ['seed' => 5, 'looked' => ['feel', 'bowl'], 'answer' => $right])->assertOk()
            ->assertJsonPath('riddle.outcome.right', true)->assertJsonPath('tally', ['answered' => 1, 'right' => 1, 'mean_looks' => 2]);
        $this->postJson('/api/v1/riddles', ['seed' => 5, 'answer' => 'no-salt'])->assertOk()->assertJsonPath('tally.answered', 1);
        $this->postJson('/api/v1/riddles', ['seed' => 5])->assertUnprocessable()->assertJsonPath('errors.0.path', 'answer');
        self::assertSame(1, $this->getJson('/api/v1/riddles')->json('right'));
    }

    public function test_what_is_no_symptom_is_refused_and_another_kitchens_batch_does_not_exist(): void
    {
        $this->cook();
        $batch = Batch::query()->firstOrFail();
        $this->postJson("/api/v1/batches/$batch->uuid/causes", ['symptoms' => ['bored']])->assertStatus(422)->assertJsonPath('errors.0.path', 'symptoms[0]');
        $this->postJson('/api/v1/batches/'.Str::uuid().'/causes', [])->assertNotFound();
    }
}
