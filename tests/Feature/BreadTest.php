<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bread;
use App\Models\BreadRevision;
use Database\Seeders\DemoKitchen;
use Illuminate\Database\QueryException;
use Tests\Contract;
use Tests\TestCase;

/** Breads and their versions: kept for good, never changed. */
final class BreadTest extends TestCase
{
    private const REQUEST = ['style' => 'cassava-wrap', 'formula' => ['lines' => [['ingredient' => 'cassava', 'percent' => 100], ['ingredient' => 'olive-oil', 'percent' => 8]]], 'pieces' => ['count' => 8]];

    public function test_a_new_bread_is_kept_once_with_its_first_version(): void
    {
        $this->cook();
        $id = self::uuid();
        $new = ['id' => $id, 'name' => 'Cassava for lunch', 'request' => self::REQUEST];
        $response = $this->postJson('/api/v1/breads', $new)->assertCreated();
        Contract::assertHolds('openapi.json#/components/schemas/BreadVersions', (string) $response->getContent());
        $this->postJson('/api/v1/breads', $new)->assertOk();
        self::assertSame(1, BreadRevision::query()->whereRelation('formula', 'uuid', $id)->count());
        self::assertSame('Cassava for lunch', self::document($this->getJson('/api/v1/kitchen'))['breads']->one('id', $id)['name']->value);
        $this->postJson('/api/v1/batches', ['id' => self::uuid(), 'bread' => $id, 'at' => '2026-03-02T09:00:00Z'])->assertCreated();
    }

    public function test_every_style_can_become_a_bread_and_a_batch(): void
    {
        $this->cook();
        $styles = self::document($this->getJson('/api/v1/kitchen'))['styles'];
        self::assertGreaterThanOrEqual(18, count($styles));
        foreach ($styles as $style) {
            $id = self::uuid();
            $this->postJson('/api/v1/breads', ['id' => $id, 'name' => $style['id'], 'request' => ['style' => $style['id'], 'formula' => ['lines' => $style['lines']]]])->assertCreated();
            $response = $this->postJson('/api/v1/batches', ['id' => self::uuid(), 'bread' => $id, 'at' => '2026-03-02T09:00:00Z'])->assertCreated();
            Contract::assertHolds('openapi.json#/components/schemas/Batch', (string) $response->getContent());
        }
    }

    public function test_a_changed_formula_is_a_new_version_and_the_old_ones_stay(): void
    {
        $this->cook();
        $id = DemoKitchen::uuid('bread pressed-masa');
        $before = self::document($this->getJson("/api/v1/breads/$id")->assertOk())['revisions'][0];
        $drier = [...$before['request'], 'water' => ['hydration_percent' => 118]];
        $this->postJson("/api/v1/breads/$id/revisions", ['after' => $before['number'], 'request' => $drier])->assertCreated();
        $after = self::document($this->getJson("/api/v1/breads/$id"))['revisions'];
        self::assertSame($before['number']->whole() + 1, $after[0]['number']->value);
        self::assertEquals($before->value, $after[1]->value);
    }

    public function test_a_version_made_from_an_older_one_is_not_slipped_in(): void
    {
        $this->cook();
        $id = DemoKitchen::uuid('bread millet-round');
        $request = $this->getJson("/api/v1/breads/$id")->json('revisions.0.request');
        $this->postJson("/api/v1/breads/$id/revisions", ['after' => 1, 'request' => $request])->assertCreated();
        $conflict = $this->postJson("/api/v1/breads/$id/revisions", ['after' => 1, 'request' => $request])->assertStatus(409);
        self::assertSame(2, $conflict->json('current.revisions.0.number'));
        self::assertSame('millet-round', $conflict->json('yours.style'));
    }

    public function test_what_cannot_be_planned_is_not_kept(): void
    {
        $this->cook();
        $breads = Bread::query()->count();
        $revisions = BreadRevision::query()->count();
        $this->postJson('/api/v1/breads', ['id' => self::uuid(), 'name' => 'Air', 'request' => ['style' => 'rice-round', 'formula' => ['lines' => [['ingredient' => 'salt', 'grams' => 3]]]]])->assertUnprocessable();
        $id = DemoKitchen::uuid('bread rice-round');
        $this->postJson("/api/v1/breads/$id/revisions", ['after' => 1, 'request' => ['style' => 'almond-wrap']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'request.style');
        $this->postJson("/api/v1/breads/$id/revisions", ['after' => 'one', 'request' => []])->assertUnprocessable();
        self::assertSame([$breads, $revisions], [Bread::query()->count(), BreadRevision::query()->count()]);
    }

    public function test_a_bread_can_be_renamed_but_not_by_another_kitchen(): void
    {
        $this->cook();
        $id = DemoKitchen::uuid('bread rice-round');
        $this->patchJson("/api/v1/breads/$id", ['name' => 'Rice for soup'])->assertOk()->assertJson(['name' => 'Rice for soup']);
        $this->patchJson("/api/v1/breads/$id", ['name' => ''])->assertUnprocessable();
        $this->otherCook();
        $this->getJson("/api/v1/breads/$id")->assertNotFound();
        $this->patchJson("/api/v1/breads/$id", ['name' => 'Mine'])->assertNotFound();
    }

    public function test_the_database_itself_refuses_to_change_a_version(): void
    {
        $this->cook();
        $this->expectException(QueryException::class);
        BreadRevision::query()->firstOrFail()->update(['number' => 9]);
    }

    public function test_a_bread_with_wheat_is_marked_wherever_breads_are_listed(): void
    {
        $this->cook();
        $wheat = ['style' => 'millet-round', 'formula' => ['lines' => [['ingredient' => 'sorghum', 'percent' => 80], ['ingredient' => 'wheat', 'percent' => 20]]]];
        $id = self::uuid();
        $this->postJson('/api/v1/breads', ['id' => $id, 'name' => 'With a little wheat', 'request' => $wheat])->assertCreated();
        $breads = array_column((array) $this->getJson('/api/v1/kitchen')->json('breads'), 'contains_wheat', 'id');
        self::assertTrue($breads[$id]);
        self::assertCount(1, array_filter($breads));
    }
}
