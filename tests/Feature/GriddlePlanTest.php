<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use Tests\TestCase;

/** What a cook decides at the griddle's picture is what the batch's clocks then say. */
final class GriddlePlanTest extends TestCase
{
    public function test_the_cook_s_own_times_set_when_each_touch_is_due(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $id = data_get($batch, 'id');
        $own = ['touches' => [['action' => 'turn', 'at_seconds' => 31], ['action' => 'turn', 'at_seconds' => 77], ['action' => 'lift', 'at_seconds' => 104]]];
        $request = data_get($batch, 'request');
        self::assertIsArray($request);
        $this->patchJson("/api/v1/batches/$id", ['version' => data_get($batch, 'version'), 'request' => [...$request, 'griddle' => ['own' => $own]]])
            ->assertOk()->assertJsonPath('plan.griddle.lift.at_seconds', 104);
        $laid = self::event('laid', ['piece' => 1, 'place' => 1], '2026-03-02T10:00:00.000Z');
        $this->postJson("/api/v1/batches/$id/events", ['events' => [$laid]])
            ->assertOk()->assertJsonPath('state.griddle.since', '2026-03-02T10:00:00.000Z')->assertJsonPath('state.griddle.steps', static fn (array $steps): bool => self::nextOf(1, $steps) === ['turn', 31]);
        $turned = self::event('turned', ['piece' => 1], '2026-03-02T10:00:35.000Z');
        // Turned four seconds late: the other face still gets its 46 seconds, from now.
        $this->postJson("/api/v1/batches/$id/events", ['events' => [$turned]])
            ->assertOk()->assertJsonPath('state.griddle.steps', static fn (array $steps): bool => self::nextOf(1, $steps) === ['turn', 46]);
    }

    /**
     * @param array<mixed> $steps
     * @return array{string, float|int}
     */
    private static function nextOf(int $piece, array $steps): array
    {
        /** @var list<array{string, int, int, int, float|int}> $steps as rows of the contract */
        $own = array_values(array_filter($steps, static fn (array $step): bool => $step[1] === $piece));

        return [$own[0][0], $own[0][4]];
    }

    public function test_own_times_out_of_order_are_refused_and_the_batch_keeps_its_plan(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $id = data_get($batch, 'id');
        $request = data_get($batch, 'request');
        self::assertIsArray($request);
        $own = ['touches' => [['action' => 'turn', 'at_seconds' => 60], ['action' => 'lift', 'at_seconds' => 20]]];
        $refused = $this->patchJson("/api/v1/batches/$id", ['version' => data_get($batch, 'version'), 'request' => [...$request, 'griddle' => ['own' => $own]]])->assertUnprocessable();
        self::assertStringContainsString('griddle.own.touches[1].at_seconds', (string) $refused->json('errors.0.path'));
        self::assertEquals(data_get($batch, 'plan'), Batch::query()->where('uuid', $id)->firstOrFail()->plan);
    }

    public function test_what_the_search_found_is_what_the_batch_is_cooked_by(): void
    {
        $this->cook();
        $batch = $this->startBatch('millet-round');
        $id = data_get($batch, 'id');
        $request = data_get($batch, 'request');
        self::assertIsArray($request);
        $found = $this->postJson('/api/v1/turns', ['request' => $request, 'wish' => ['shade' => 0.5, 'weight_loss_percent' => 13]])->assertOk();
        $taken = [...$request, 'griddle' => $found->json('wish.griddle')];
        data_set($taken, 'formula.method.turns', $found->json('wish.turns'));
        $kept = $this->patchJson("/api/v1/batches/$id", ['version' => data_get($batch, 'version'), 'request' => $taken])->assertOk();
        self::assertEquals(
            array_column((array) $found->json('best.touches'), 'at_seconds'),
            [...array_column((array) $kept->json('plan.griddle.turns'), 'at_seconds'), $kept->json('plan.griddle.lift.at_seconds')],
        );
        self::assertEqualsWithDelta(13, $kept->json('plan.griddle.weight_loss_percent.value'), 1);
    }

    public function test_the_label_loses_the_water_that_the_griddle_takes(): void
    {
        $this->cook();
        $per100 = fn (int $loss): float => (float) $this->postJson('/api/v1/plan', ['style' => 'pressed-masa', 'griddle' => ['weight_loss_percent' => $loss]])
            ->assertOk()->json('label.per_100_g.carbohydrate_grams.value');
        // The same dry matter in less bread: 100 g hold 1/0.8 against 1/0.9 of it.
        self::assertEqualsWithDelta(0.9 / 0.8, $per100(20) / $per100(10), 0.02);
    }
}
