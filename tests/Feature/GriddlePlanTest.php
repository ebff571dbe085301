<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use StoneMill\Tests\Said;
use Tests\TestCase;

/** What a cook decides at the griddle's picture is what the batch's clocks then say. */
final class GriddlePlanTest extends TestCase
{
    public function test_the_cook_s_own_times_set_when_each_touch_is_due(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $id = $batch['id']->text();
        $own = ['touches' => [['action' => 'turn', 'at_seconds' => 31], ['action' => 'turn', 'at_seconds' => 77], ['action' => 'lift', 'at_seconds' => 104]]];
        $request = $batch['request'];
        $this->patchJson("/api/v1/batches/$id", ['version' => $batch['version'], 'request' => [...$request, 'griddle' => ['own' => $own]]])
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
     * @param array<mixed> $steps as rows of the contract
     * @return array{mixed, mixed} what is done next, and when
     */
    private static function nextOf(int $piece, array $steps): array
    {
        $own = (new Said($steps))->first(static fn (Said $step): bool => $step[1]->value === $piece);

        return [$own[0]->value, $own[4]->value];
    }

    public function test_own_times_out_of_order_are_refused_and_the_batch_keeps_its_plan(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $id = $batch['id']->text();
        $request = $batch['request'];
        $own = ['touches' => [['action' => 'turn', 'at_seconds' => 60], ['action' => 'lift', 'at_seconds' => 20]]];
        $refused = $this->patchJson("/api/v1/batches/$id", ['version' => $batch['version'], 'request' => [...$request, 'griddle' => ['own' => $own]]])->assertUnprocessable();
        self::assertStringContainsString('griddle.own.touches[1].at_seconds', Said::at($refused->json(), 'errors.0.path')->text());
        self::assertEquals(Said::at($batch, 'plan')->value, Batch::query()->where('uuid', $id)->firstOrFail()->plan);
    }

    public function test_what_the_search_found_is_what_the_batch_is_cooked_by(): void
    {
        $this->cook();
        $batch = $this->startBatch('millet-round');
        $id = $batch['id']->text();
        $request = $batch['request'];
        $found = $this->postJson('/api/v1/turns', ['request' => $request, 'wish' => ['shade' => 0.5, 'weight_loss_percent' => 13]])->assertOk();
        $taken = [...$request->fields(), 'griddle' => $found->json('wish.griddle')];
        data_set($taken, 'formula.method.turns', $found->json('wish.turns'));
        $kept = $this->patchJson("/api/v1/batches/$id", ['version' => $batch['version'], 'request' => $taken])->assertOk();
        self::assertEquals(
            array_column(Said::at($found->json(), 'best.touches')->all(), 'at_seconds'),
            [...array_column(Said::at($kept->json(), 'plan.griddle.turns')->all(), 'at_seconds'), $kept->json('plan.griddle.lift.at_seconds')],
        );
        self::assertEqualsWithDelta(13, $kept->json('plan.griddle.weight_loss_percent.value'), 1);
    }

    public function test_the_label_loses_the_water_that_the_griddle_takes(): void
    {
        $this->cook();
        $per100 = fn (int $loss): float => Said::at($this->postJson('/api/v1/plan', ['style' => 'pressed-masa', 'griddle' => ['weight_loss_percent' => $loss]])
            ->assertOk()->json(), 'label.per_100_g.carbohydrate_grams.value')->number();
        // The same dry matter in less bread: 100 g hold 1/0.8 against 1/0.9 of it.
        self::assertEqualsWithDelta(0.9 / 0.8, $per100(20) / $per100(10), 0.02);
    }
}
