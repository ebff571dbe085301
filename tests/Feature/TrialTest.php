<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\BreadRevision;
use Database\Seeders\DemoKitchen;
use Tests\TestCase;

/** One thing tried over a few batches: set up, made, judged, decided. */
final class TrialTest extends TestCase
{
    public function test_each_batch_of_a_trial_differs_from_the_bread_in_just_the_one_thing(): void
    {
        $this->cook();
        $trial = $this->begin();
        self::assertSame(['made' => 0, 'total' => 4], array_intersect_key($trial, ['made' => 0, 'total' => 0]));
        self::assertSame(['124 %', '136 %'], array_column((array) data_get($trial, 'drags'), 'level'));
        $seen = [];
        for ($turn = 0; $turn < 4; $turn++) {
            $batch = self::document($this->postJson("/api/v1/trials/{$trial['id']}/batches", ['id' => self::uuid(), 'at' => '2026-03-02T09:00:00.000Z'])->assertCreated());
            $seen[] = data_get($batch, 'request.water.hydration_percent');
            self::assertEqualsWithDelta(data_get($batch, 'request.water.hydration_percent'), data_get($batch, 'plan.water.hydration_percent.value'), 0.5);
            self::assertSame(sprintf('%g %%', (float) data_get($batch, 'request.water.hydration_percent')), data_get($batch, 'trial.level'));
        }
        sort($seen);
        self::assertEquals([124, 124, 136, 136], $seen, 'each level comes once in every round');
        $this->postJson("/api/v1/trials/{$trial['id']}/batches", ['id' => self::uuid(), 'at' => '2026-03-02T09:00:00.000Z'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'trial');
    }

    public function test_sent_twice_a_trial_and_its_batch_are_there_once(): void
    {
        $this->cook();
        $id = self::uuid();
        $first = $this->begin(['id' => $id]);
        $this->postJson('/api/v1/trials', [...self::asked(), 'id' => $id])->assertOk()->assertJsonPath('id', $first['id']);
        $batch = ['id' => self::uuid(), 'at' => '2026-03-02T09:00:00.000Z'];
        $this->postJson("/api/v1/trials/$id/batches", $batch)->assertCreated();
        $this->postJson("/api/v1/trials/$id/batches", $batch)->assertOk();
        self::assertSame(1, $this->getJson("/api/v1/trials/$id")->json('made'));
    }

    public function test_its_results_come_from_the_verdicts_and_a_decision_becomes_a_version_with_its_reason(): void
    {
        $this->cook();
        $trial = $this->begin();
        for ($turn = 0; $turn < 4; $turn++) {
            $id = self::uuid();
            $batch = self::document($this->postJson("/api/v1/trials/{$trial['id']}/batches", ['id' => $id, 'at' => '2026-03-02T09:00:00.000Z']));
            $this->judge($id, (float) data_get($batch, 'request.water.hydration_percent') > 130 ? 13 : 8);
        }
        $told = $this->getJson("/api/v1/trials/{$trial['id']}")->assertOk();
        self::assertSame(1, $told->json('result.best'));
        self::assertSame([2, 2], array_column((array) $told->json('result.levels'), 'count'));
        self::assertStringContainsString('more of each', (string) $told->json('result.words'), 'two of each are too few');

        $decided = $this->putJson("/api/v1/trials/{$trial['id']}/decision", ['level' => 1])->assertOk();
        self::assertSame('136 %', $decided->json('decided.level'));
        self::assertNull($decided->json('next'));
        $newest = BreadRevision::query()->whereRelation('formula', 'uuid', DemoKitchen::uuid('bread pressed-masa'))->latest('number')->firstOrFail();
        self::assertEquals(136, data_get($newest->document, 'water.hydration_percent'));
        self::assertStringStartsWith('Trial: How wet?', (string) $newest->reason);
        $this->putJson("/api/v1/trials/{$trial['id']}/decision", ['level' => 0])->assertOk();
        self::assertSame($newest->number, BreadRevision::query()->where('formula_id', $newest->formula_id)->max('number'), 'decided is decided');
    }

    public function test_a_blind_trial_tells_a_level_only_once_it_is_judged(): void
    {
        $this->cook();
        $trial = $this->begin(['blind' => true]);
        self::assertNull(data_get($trial, 'next.level'));
        $id = self::uuid();
        $batch = self::document($this->postJson("/api/v1/trials/{$trial['id']}/batches", ['id' => $id, 'at' => '2026-03-02T09:00:00.000Z']));
        self::assertNull(data_get($batch, 'trial.level'));
        $this->judge($id, 10);
        self::assertNotNull($this->getJson("/api/v1/batches/$id")->json('trial.level'));
    }

    public function test_what_cannot_be_planned_or_judged_is_refused_with_its_reason_and_nothing_is_kept(): void
    {
        $this->cook();
        $before = count((array) $this->getJson('/api/v1/trials')->json('trials'));
        $refused = fn (array $with, string $path) => $this->postJson('/api/v1/trials', [...self::asked(), ...$with])->assertUnprocessable()->assertJsonPath('errors.0.path', $path);
        $refused(['levels' => [124]], 'levels');
        $refused(['levels' => [124, 124]], 'levels');
        $refused(['levels' => [124, 900]], 'levels[1]');
        $refused(['factor' => 'turns', 'levels' => ['two_turns', 'sideways']], 'levels[1]');
        $refused(['factor' => 'turns', 'levels' => ['two_turns', 'brown_then_oven']], 'levels');
        $refused(['bread' => DemoKitchen::uuid('bread nowhere')], 'bread');
        $refused(['bread' => $this->breadOf('thick-corn-round'), 'judged' => 'puff'], 'judged');
        self::assertCount($before, (array) $this->getJson('/api/v1/trials')->json('trials'));
        $this->getJson('/api/v1/trials/'.self::uuid())->assertNotFound();
    }

    private function breadOf(string $style): string
    {
        $id = self::uuid();
        $this->postJson('/api/v1/breads', ['id' => $id, 'name' => 'Another', 'request' => ['style' => $style]])->assertCreated();

        return $id;
    }

    private function judge(string $batch, int $good): void
    {
        $this->postJson("/api/v1/batches/$batch/events", ['events' => [self::event('poured', ['grams' => 300])]])->assertOk();
        $version = Batch::query()->where('uuid', $batch)->firstOrFail()->version;
        $this->putJson("/api/v1/batches/$batch/verdict", ['version' => $version, 'verdict' => [
            'pliability' => 'folds', 'puff' => 'patches', 'shade_first' => 0.3, 'shade_second' => 0.3, 'cracks' => 'none', 'sticking' => 'none',
            'pieces_good' => $good, 'pieces_second' => 14 - $good, 'pieces_lost' => 0,
        ]])->assertOk();
    }

    /** @return array<string, mixed> */
    private static function asked(): array
    {
        return ['id' => self::uuid(), 'bread' => DemoKitchen::uuid('bread pressed-masa'), 'question' => 'How wet?', 'factor' => 'hydration', 'levels' => [124, 136], 'judged' => 'good_share', 'rounds' => 2, 'seed' => 5];
    }

    /**
     * @param array<string, mixed> $with
     * @return array<string, mixed> the trial
     */
    private function begin(array $with = []): array
    {
        return self::document($this->postJson('/api/v1/trials', [...self::asked(), ...$with])->assertCreated());
    }
}
