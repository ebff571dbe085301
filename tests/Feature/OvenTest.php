<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** The oven in the log: in, out, round by round, and nothing that cannot have been. */
final class OvenTest extends TestCase
{
    public function test_what_goes_into_the_oven_comes_out_of_it_round_by_round(): void
    {
        $this->cook();
        $request = ['style' => 'chickpea-pan-bread', 'gear' => ['oven' => ['topping_grams' => 60, 'celsius' => 220, 'holds' => 2]], 'pieces' => ['count' => 2]];
        $bread = self::uuid();
        $this->postJson('/api/v1/breads', ['id' => $bread, 'name' => 'Pan bread, topped', 'request' => $request])->assertSuccessful();
        $id = self::uuid();
        $this->postJson('/api/v1/batches', ['id' => $id, 'bread' => $bread, 'at' => '2026-03-02T09:00:00Z'])->assertCreated()
            ->assertJsonPath('state.oven.what', 'broiler')->assertJsonPath('state.oven.started_at', null);
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('oven_out')]])->assertUnprocessable();
        $in = self::event('oven_in', at: '2026-03-02T09:30:00.000Z');
        $this->postJson("/api/v1/batches/$id/events", ['events' => [$in]])->assertOk()->assertJsonPath('state.oven.started_at', '2026-03-02T09:30:00.000Z')->assertJsonPath('state.undoable', $in['id']);
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('oven_in')]])->assertUnprocessable()->assertJsonPath('errors.0.message', 'The oven is full already.');
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('oven_out', at: '2026-03-02T09:32:00.000Z')]])->assertOk()->assertJsonPath('state.oven.what', 'topped')->assertJsonPath('state.oven.round', 2);
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('oven_in'), self::event('oven_out')]])->assertOk()->assertJsonPath('state.oven', null);
    }

    public function test_a_bread_of_the_griddle_alone_does_not_go_into_the_oven(): void
    {
        $this->cook();
        $id = $this->startBatch()['id'];
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('oven_in')]])->assertUnprocessable()->assertJsonPath('errors.0.message', 'This bread does not go into the oven.');
    }
}
