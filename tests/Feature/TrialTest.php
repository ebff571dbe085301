<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\StartTrialBatch;
use App\Models\Batch;
use App\Models\BreadRevision;
use App\Models\Trial;
use App\Models\User;
use Database\Seeders\DemoKitchen;
use StoneMill\Tests\Said;
use Tests\TestCase;

/** One thing tried over a few batches: set up, made, judged, decided. */
final class TrialTest extends TestCase
{
    public function test_each_batch_of_a_trial_differs_from_the_bread_in_just_the_one_thing(): void
    {
        $this->cook();
        $trial = $this->begin();
        self::assertSame(['made' => 0, 'total' => 4], array_intersect_key($trial->all(), ['made' => 0, 'total' => 0]));
        self::assertSame(['124 %', '136 %'], array_column(Said::at($trial, 'drags')->all(), 'level'));
        $seen = [];
        for ($turn = 0; $turn < 4; $turn++) {
            $batch = self::document($this->postJson("/api/v1/trials/{$trial['id']}/batches", ['id' => self::uuid(), 'at' => '2026-03-02T09:00:00.000Z'])->assertCreated());
            $seen[] = Said::at($batch, 'request.water.hydration_percent')->value;
            self::assertEqualsWithDelta(Said::at($batch, 'request.water.hydration_percent')->value, Said::at($batch, 'plan.water.hydration_percent.value')->value, 0.5);
            self::assertSame(sprintf('%g %%', Said::at($batch, 'request.water.hydration_percent')->number()), Said::at($batch, 'trial.level')->value);
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
        $this->postJson('/api/v1/trials', [...self::asked(), 'id' => $id])->assertOk()->assertJsonPath('id', $first['id']->value);
        $batch = ['id' => self::uuid(), 'at' => '2026-03-02T09:00:00.000Z'];
        $this->postJson("/api/v1/trials/$id/batches", $batch)->assertCreated();
        $this->postJson("/api/v1/trials/$id/batches", $batch)->assertOk();
        self::assertSame(1, $this->getJson("/api/v1/trials/$id")->json('made'));
        // The same at the very same time, when no further one is left to make.
        $kept = Batch::query()->where('uuid', $batch['id'])->firstOrFail();
        $trial = Trial::query()->where('uuid', $id)->firstOrFail();
        $trial->update(['rounds' => 1, 'decided_at' => now()]);
        $cook = User::query()->where('name', 'cook')->firstOrFail();
        self::assertTrue($kept->is(app(StartTrialBatch::class)($cook->kitchen, $trial, $batch['id'], now()->toDateTimeImmutable(), $cook)));
    }

    public function test_its_results_come_from_the_verdicts_and_a_decision_becomes_a_version_with_its_reason(): void
    {
        $this->cook();
        $trial = $this->begin();
        for ($turn = 0; $turn < 4; $turn++) {
            $id = self::uuid();
            $batch = self::document($this->postJson("/api/v1/trials/{$trial['id']}/batches", ['id' => $id, 'at' => '2026-03-02T09:00:00.000Z']));
            $this->judge($id, Said::at($batch, 'request.water.hydration_percent')->number() > 130 ? 13 : 8);
        }
        $told = $this->getJson("/api/v1/trials/{$trial['id']}")->assertOk();
        self::assertSame(1, $told->json('result.best'));
        self::assertSame([2, 2], array_column(Said::at($told->json(), 'result.levels')->all(), 'count'));
        self::assertStringContainsString('more of each', Said::at($told->json(), 'result.words')->text(), 'two of each are too few');

        $decided = $this->putJson("/api/v1/trials/{$trial['id']}/decision", ['level' => 1])->assertOk();
        self::assertSame('136 %', $decided->json('decided.level'));
        self::assertNull($decided->json('next'));
        $newest = BreadRevision::query()->whereRelation('formula', 'uuid', DemoKitchen::uuid('bread pressed-masa'))->latest('number')->firstOrFail();
        self::assertEquals(136, Said::at($newest->document, 'water.hydration_percent')->value);
        self::assertStringStartsWith('Trial: How wet?', (string) $newest->reason);
        $this->putJson("/api/v1/trials/{$trial['id']}/decision", ['level' => 0])->assertOk();
        self::assertSame($newest->number, BreadRevision::query()->where('formula_id', $newest->formula_id)->max('number'), 'decided is decided');
    }

    public function test_a_blind_trial_tells_a_level_only_once_it_is_judged(): void
    {
        $this->cook();
        $trial = $this->begin(['blind' => true]);
        self::assertNull(Said::at($trial, 'next.level')->value);
        $id = self::uuid();
        $batch = self::document($this->postJson("/api/v1/trials/{$trial['id']}/batches", ['id' => $id, 'at' => '2026-03-02T09:00:00.000Z']));
        self::assertNull(Said::at($batch, 'trial.level')->value);
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
        $refused(['bread' => $this->breadOf('thick-corn-round'), 'factor' => 'turns', 'levels' => ['brown_then_oven', 'three_with_press']], 'levels');
        $refused(['bread' => DemoKitchen::uuid('bread nowhere')], 'bread');
        $refused(['bread' => $this->breadOf('thick-corn-round'), 'judged' => 'puff'], 'judged');
        self::assertCount($before, (array) $this->getJson('/api/v1/trials')->json('trials'));
        $this->getJson('/api/v1/trials/'.self::uuid())->assertNotFound();
    }

    public function test_another_flour_takes_the_place_of_the_first_and_is_weighed_from_its_own_bag(): void
    {
        $this->cook();
        $offered = $this->getJson('/api/v1/trials')->assertOk();
        $flours = collect(Said::at($offered->json(), 'factors')->all())->firstWhere('factor', 'flour');
        self::assertContains(['choice' => 'teff', 'name' => 'Teff flour'], Said::at($flours, 'choices')->all());
        $bag = self::uuid();
        $this->putJson("/api/v1/lots/$bag", self::bag('teff'))->assertSuccessful();
        $trial = $this->begin(['factor' => 'flour', 'levels' => ['instant-masa-fine', 'teff'], 'rounds' => 1]);
        self::assertSame(['Instant nixtamalised corn flour, fine', 'Teff flour'], array_column(Said::at($trial, 'result.levels')->all(), 'name'));
        $weighed = [];
        foreach ([$this->next($trial), $this->next($trial)] as $batch) {
            $weighed[Said::at($batch, 'trial.level')->text()] = Said::at($batch, 'request.formula.lines.0')->all();
        }
        self::assertSame(['teff', $bag], [$weighed['Teff flour']['ingredient'] ?? '', $weighed['Teff flour']['lot'] ?? '']);
        self::assertSame('instant-masa-fine', $weighed['Instant nixtamalised corn flour, fine']['ingredient'] ?? '');
        self::assertTrue($this->putJson("/api/v1/trials/{$trial['id']}/decision", ['level' => 1])->assertOk()->json('decided.kept'));
    }

    public function test_two_bags_of_one_flour_are_tried_as_they_are_and_a_decision_leaves_the_bread(): void
    {
        $this->cook();
        [$old, $new] = $this->sacks();
        $trial = $this->begin(['factor' => 'bag', 'levels' => [$old, $new], 'rounds' => 1]);
        $weighed = [];
        foreach ([$this->next($trial), $this->next($trial)] as $batch) {
            $lot = Said::at($batch, 'request.formula.lines.0.lot')->text();
            self::assertArrayHasKey($lot, Said::at($batch, 'request.lots')->all());
            $weighed[Said::at($batch, 'trial.level')->text()] = $lot;
        }
        ksort($weighed);
        self::assertSame(['The new sack' => $new, 'The old sack' => $old], $weighed);
        $before = BreadRevision::query()->count();
        self::assertFalse($this->putJson("/api/v1/trials/{$trial['id']}/decision", ['level' => 0])->assertOk()->json('decided.kept'));
        self::assertSame($before, BreadRevision::query()->count());
    }

    public function test_a_bag_that_was_emptied_meanwhile_stops_its_batch_and_none_is_begun(): void
    {
        $this->cook();
        [$old, $new] = $this->sacks();
        $trial = $this->begin(['factor' => 'bag', 'levels' => [$old, $new], 'rounds' => 1]);
        foreach ([$old, $new] as $bag) {
            $this->putJson("/api/v1/lots/$bag", [...self::bag('instant-masa-fine', 'Gone'), 'version' => 1, 'emptied_on' => '2026-03-01'])->assertSuccessful();
        }
        $this->postJson("/api/v1/trials/{$trial['id']}/batches", ['id' => self::uuid(), 'at' => '2026-03-02T09:00:00.000Z'])
            ->assertUnprocessable()->assertJsonPath('errors.0.message', 'This bag is not on the shelf any more.');
        self::assertSame(0, $this->getJson("/api/v1/trials/{$trial['id']}")->json('made'));
        $this->postJson('/api/v1/trials', [...self::asked(), 'factor' => 'bag', 'levels' => [$old, $new]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'levels[0]');
    }

    public function test_halves_of_one_dough_are_made_and_judged_apart_and_count_as_a_pair(): void
    {
        $this->cook();
        $trial = $this->begin(['factor' => 'thickness', 'levels' => [1.6, 2.4], 'halves' => true, 'rounds' => 3, 'judged' => 'score']);
        self::assertSame([3, true, null], [$trial['total']->value, $trial['halves']->value, Said::at($trial, 'next.level')->value]);
        $firsts = [];
        for ($turn = 0; $turn < 3; $turn++) {
            $batch = $this->next($trial);
            $halves = Said::at($batch, 'trial.halves')->all();
            $firsts[] = Said::at($halves, '0.level')->text();
            self::assertSame(Said::at($halves, '0.patch.pieces.thickness_mm')->value, Said::at($batch, 'request.pieces.thickness_mm')->value, 'it begins with its first half');
            self::assertSame(Said::at($batch, 'state.portion.count')->value, array_sum(array_map(static fn (Said $half): int => $half->whole(), [...Said::at($batch, 'state.portion.halves')])));
            // The second half: the same dough, the other thickness.
            $request = array_replace_recursive($batch['request']->fields(), Said::at($halves, '1.patch')->all());
            $changed = self::document($this->patchJson("/api/v1/batches/{$batch['id']}", ['version' => 1, 'id' => self::uuid(), 'request' => $request])->assertOk());
            self::assertSame(Said::at($halves, '1.patch.pieces.thickness_mm')->value, Said::at($changed, 'request.pieces.thickness_mm')->value);
            $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [self::event('poured', ['grams' => 300])]])->assertOk();
            $of = static function (int $place) use ($halves): array {
                $isThin = Said::at($halves, "$place.level")->value === '1.6 mm';

                return [
                    'pliability' => 'wraps', 'puff' => 'full', 'shade_first' => 0.2 + 0.2 * $place, 'shade_second' => 0.3, 'cracks' => $isThin ? 'some' : 'none',
                    'sticking' => 'none', 'pieces_good' => 6 - $place, 'pieces_second' => 0, 'pieces_lost' => 0, 'score' => $isThin ? 4 : 8,
                ];
            };
            $judged = $this->putJson("/api/v1/batches/{$batch['id']}/verdict", ['version' => $changed['version'], 'verdict' => ['halves' => [$of(0), $of(1)]]])->assertOk();
            // The worse of the cracks, the means of shades and scores, all of the pieces.
            self::assertSame(['some', 11, 6, 0.3], [$judged->json('verdict.cracks'), $judged->json('verdict.pieces_good'), $judged->json('verdict.score'), round(Said::at($judged->json(), 'verdict.shade_first')->number(), 3)]);
            self::assertSame([0.2, 0.4], array_column(Said::at($judged->json(), 'verdict.halves')->all(), 'shade_first'));
        }
        $told = $this->getJson("/api/v1/trials/{$trial['id']}")->assertOk();
        self::assertSame([3, 3], array_column(Said::at($told->json(), 'result.levels')->all(), 'count'));
        self::assertEqualsWithDelta(4.0, $told->json('result.difference.value'), 1e-9);
        self::assertSame(1, $told->json('result.best'));
        self::assertNull($told->json('next'));
        self::assertGreaterThan(1, count(array_unique($firsts)), 'now the one first, now the other');
    }

    public function test_what_cannot_be_halved_is_refused(): void
    {
        $this->cook();
        $halved = ['factor' => 'thickness', 'levels' => [1.6, 2.4], 'halves' => true];
        $refused = fn (array $with, string $path) => $this->postJson('/api/v1/trials', [...self::asked(), ...$halved, ...$with])->assertUnprocessable()->assertJsonPath('errors.0.path', $path);
        $refused(['factor' => 'hydration', 'levels' => [124, 132]], 'halves');
        $refused(['levels' => [1.6, 2.0, 2.4]], 'halves');
        $refused(['judged' => 'loss'], 'judged');
        $refused(['blind' => true], 'blind');
        $batch = $this->next($this->begin($halved));
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [self::event('poured', ['grams' => 300])]])->assertOk();
        $half = ['pliability' => 'folds', 'puff' => 'none', 'shade_first' => 0.3, 'shade_second' => 0.3, 'cracks' => 'none', 'sticking' => 'none', 'pieces_good' => 1, 'pieces_second' => 0, 'pieces_lost' => 0];
        $judge = fn (array $verdict) => $this->putJson("/api/v1/batches/{$batch['id']}/verdict", ['version' => 1, 'verdict' => $verdict])->assertUnprocessable();
        $judge($half)->assertJsonPath('errors.0.path', 'verdict.pliability');
        $judge(['halves' => [$half]])->assertJsonPath('errors.0.path', 'verdict.halves');
        $judge(['halves' => [[...$half, 'pieces_good' => 99], $half]])->assertJsonPath('errors.0.path', 'verdict.halves[0].pieces_good');
        self::assertNull($this->getJson("/api/v1/batches/{$batch['id']}")->json('verdict'), 'nothing is half kept');
    }

    /** @return array{string, string} two bags of one flour on the shelf */
    private function sacks(): array
    {
        $ids = [self::uuid(), self::uuid()];
        foreach ($ids as $place => $id) {
            $this->putJson("/api/v1/lots/$id", self::bag('instant-masa-fine', ['The old sack', 'The new sack'][$place]))->assertSuccessful();
        }

        return $ids;
    }

    /** @return array<string, mixed> a bag as it is put on the shelf */
    private static function bag(string $ingredient, string $label = 'A bag'): array
    {
        return ['version' => 0, 'ingredient' => $ingredient, 'label' => $label, 'certified_gluten_free' => true, 'bought_on' => null, 'opened_on' => '2026-02-28', 'emptied_on' => null, 'price_per_kg' => null, 'grams' => null, 'notes' => null];
    }

    /** Its next batch. */
    private function next(Said $trial): Said
    {
        return self::document($this->postJson("/api/v1/trials/{$trial['id']}/batches", ['id' => self::uuid(), 'at' => '2026-03-02T09:00:00.000Z'])->assertCreated());
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

    /** @param array<string, mixed> $with */
    private function begin(array $with = []): Said
    {
        return self::document($this->postJson('/api/v1/trials', [...self::asked(), ...$with])->assertCreated());
    }
}
