<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lot;
use App\Models\OwnIngredient;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Tests\Said;
use Tests\Contract;
use Tests\TestCase;

/** Bags and own ingredients, as they come into the larder and change. */
final class LarderTest extends TestCase
{
    private const BAG = ['version' => 0, 'ingredient' => 'teff', 'label' => 'Teff, paper bag', 'certified_gluten_free' => true, 'bought_on' => '2026-03-01', 'price_per_kg' => 5.4, 'grams' => 1000];

    private const OWN = ['id' => 'own-hill-sorghum', 'name' => 'Sorghum from the hill', 'like' => 'sorghum', 'per_100_g' => ['energy_kj' => 1490, 'fat' => 3, 'carbohydrate' => 69, 'sugars' => 1.5, 'fibre' => 7, 'protein' => 9, 'salt' => 0.02]];

    public function test_a_bag_is_put_into_the_larder_and_found_there(): void
    {
        $this->cook();
        $id = self::uuid();
        $response = $this->putJson("/api/v1/lots/$id", self::BAG)->assertOk();
        Contract::assertHolds('openapi.json#/components/schemas/Lot', (string) $response->getContent());
        $lot = self::document($this->getJson('/api/v1/kitchen'))['lots']->one('id', $id);
        self::assertSame(['teff', 5.4, '2026-03-01', 1], [$lot['ingredient']->value, $lot['price_per_kg']->value, $lot['bought_on']->value, $lot['version']->value]);
    }

    public function test_a_bag_sent_twice_is_kept_once_and_a_change_moves_its_version(): void
    {
        $this->cook();
        $id = self::uuid();
        $before = Lot::query()->count();
        $this->putJson("/api/v1/lots/$id", self::BAG)->assertOk();
        $this->putJson("/api/v1/lots/$id", self::BAG)->assertOk()->assertJson(['version' => 1]);
        self::assertSame($before + 1, Lot::query()->count());
        $this->putJson("/api/v1/lots/$id", [...self::BAG, 'version' => 1, 'emptied_on' => '2026-04-02'])->assertOk()->assertJson(['version' => 2, 'emptied_on' => '2026-04-02']);
    }

    public function test_an_overtaken_change_gets_both_versions_back_and_changes_nothing(): void
    {
        $this->cook();
        $id = self::uuid();
        $this->putJson("/api/v1/lots/$id", self::BAG)->assertOk();
        $this->putJson("/api/v1/lots/$id", [...self::BAG, 'version' => 1, 'label' => 'First'])->assertOk();
        $conflict = $this->putJson("/api/v1/lots/$id", [...self::BAG, 'version' => 1, 'label' => 'Second'])->assertStatus(409);
        self::assertSame(['First', 'Second'], [$conflict->json('current.label'), $conflict->json('yours.label')]);
        self::assertSame('First', Lot::query()->where('uuid', $id)->firstOrFail()->label);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badBags(): iterable
    {
        yield 'unknown' => [['ingredient' => 'stardust'], 'ingredient'];
        yield 'a price below nothing' => [['price_per_kg' => -1], 'price_per_kg'];
        yield 'no day' => [['opened_on' => '2026-02-31'], 'opened_on'];
        yield 'no name' => [['label' => ' '], 'label'];
        yield 'perhaps certified' => [['certified_gluten_free' => 'perhaps'], 'certified_gluten_free'];
        yield 'a field nobody knows' => [['colour' => 'blue'], 'colour'];
        yield 'a whole silo' => [['grams' => 1e9], 'grams'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badBags')]
    public function test_a_bag_that_cannot_be_is_refused_by_name_and_not_kept(array $change, string $path): void
    {
        $this->cook();
        $before = Lot::query()->count();
        $response = $this->putJson('/api/v1/lots/'.self::uuid(), [...self::BAG, ...$change])->assertUnprocessable();
        self::assertContains($path, array_column(Said::at($response->json(), 'errors')->all(), 'path'));
        self::assertSame($before, Lot::query()->count());
    }

    public function test_the_newest_open_bag_goes_into_a_new_batch_with_its_price(): void
    {
        $this->cook();
        $id = self::uuid();
        $this->putJson("/api/v1/lots/$id", [...self::BAG, 'ingredient' => 'instant-masa-fine', 'opened_on' => '2099-01-01'])->assertOk();
        $batch = $this->startBatch();
        self::assertSame(5.4, $batch['request']['lots'][$id]['price_per_kg']->value);
        self::assertTrue($batch['request']['lots'][$id]['certified_gluten_free']->value);
        self::assertSame(0, $batch['request']['lots'][$id]['water']['batches']->value, 'what its flour taught, until it has told of itself');
        $this->putJson("/api/v1/lots/$id", [...self::BAG, 'version' => 1, 'ingredient' => 'instant-masa-fine', 'opened_on' => '2099-01-01', 'emptied_on' => '2099-02-01'])->assertOk();
        $after = $this->startBatch();
        self::assertArrayNotHasKey($id, $after['request']['lots']->all(), 'an empty bag is not weighed from');
    }

    public function test_an_ingredient_of_the_kitchen_s_own_is_kept_once_its_table_adds_up(): void
    {
        $this->cook();
        $response = $this->putJson('/api/v1/ingredients/own-hill-sorghum', ['version' => 0, 'document' => self::OWN])->assertOk()->assertJson(['version' => 1]);
        Contract::assertHolds('openapi.json#/components/schemas/OwnIngredient', (string) $response->getContent());
        self::assertSame('Sorghum from the hill', $this->getJson('/api/v1/kitchen')->json('own_ingredients.0.document.name'));
        $this->putJson('/api/v1/lots/'.self::uuid(), [...self::BAG, 'ingredient' => 'own-hill-sorghum'])->assertOk();
    }

    public function test_a_table_that_does_not_add_up_is_refused_and_not_kept(): void
    {
        $this->cook();
        $wrong = [...self::OWN, 'per_100_g' => [...self::OWN['per_100_g'], 'carbohydrate' => 95]];
        $response = $this->putJson('/api/v1/ingredients/own-hill-sorghum', ['version' => 0, 'document' => $wrong])->assertUnprocessable();
        self::assertContains('document.per_100_g', array_column(Said::at($response->json(), 'errors')->all(), 'path'));
        $this->putJson('/api/v1/ingredients/own-other', ['version' => 0, 'document' => self::OWN])->assertUnprocessable();
        self::assertSame(0, OwnIngredient::query()->count());
    }

    public function test_an_own_ingredient_changed_by_two_gets_both_versions_back(): void
    {
        $this->cook();
        $keep = fn (int $version, string $name) => $this->putJson('/api/v1/ingredients/own-hill-sorghum', ['version' => $version, 'document' => [...self::OWN, 'name' => $name]]);
        $keep(0, 'One')->assertOk();
        $keep(1, 'Two')->assertOk()->assertJson(['version' => 2]);
        $keep(2, 'Two')->assertOk()->assertJson(['version' => 2]);
        $keep(1, 'Three')->assertStatus(409)->assertJsonPath('current.document.name', 'Two');
    }

    public function test_another_kitchen_s_larder_cannot_be_seen_or_changed(): void
    {
        $this->cook();
        $id = self::uuid();
        $this->putJson("/api/v1/lots/$id", self::BAG)->assertOk();
        $this->otherCook();
        $this->putJson("/api/v1/lots/$id", [...self::BAG, 'version' => 1])->assertNotFound();
        self::assertNotContains($id, array_column((array) $this->getJson('/api/v1/kitchen')->json('lots'), 'id'));
    }

    public function test_the_whole_catalogue_is_described_and_small_enough_to_send(): void
    {
        $this->getJson('/api/v1/catalogue')->assertUnauthorized();
        $this->cook();
        $text = (string) $this->getJson('/api/v1/catalogue')->assertOk()->getContent();
        $ingredients = Said::json($text)['ingredients'];
        self::assertGreaterThanOrEqual(60, count($ingredients));
        foreach ($ingredients as $ingredient) {
            Contract::assertHolds('openapi.json#/components/schemas/Ingredient', (string) json_encode($ingredient, JSON_PRESERVE_ZERO_FRACTION));
        }
        self::assertLessThan(40_000, strlen((string) gzencode($text)));
    }

    public function test_what_a_batch_weighs_is_gone_from_its_bag_comes_back_when_undone_and_a_weighing_stands_above_it(): void
    {
        $this->cook();
        $bag = self::uuid();
        $document = ['version' => 0, 'ingredient' => 'instant-masa-fine', 'label' => 'Masa, paper sack', 'certified_gluten_free' => true, 'opened_on' => '2026-03-01', 'grams' => 1000, 'best_before' => '2020-01-01'];
        $this->putJson("/api/v1/lots/$bag", $document)->assertOk()->assertJsonPath('left_grams', 1000)->assertJsonPath('is_past', true);
        $left = fn (): mixed => self::document($this->getJson('/api/v1/kitchen'))['lots']->one('id', $bag)['left_grams']->value;
        $batch = $this->startBatch();
        self::assertSame($bag, Said::at($batch, 'request.formula.lines.0.lot')->value);
        self::assertEquals(1000, Said::at($batch, "request.lots.$bag.left_grams")->value);
        $weighed = self::event('measured', ['ingredient' => 'instant-masa-fine', 'grams' => 264]);
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [$weighed]])->assertOk();
        self::assertEquals(736, $left());
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [self::event('undone', ['event' => $weighed['id']])]])->assertOk();
        self::assertEquals(1000, $left());
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [self::event('measured', ['ingredient' => 'instant-masa-fine', 'grams' => 250]), self::event('poured', ['grams' => 300]), self::event('felt', ['grade' => 'sticky']), self::event('corrected', ['water_grams' => 0, 'flour_grams' => 20, 'pieces' => 14])]])->assertOk();
        self::assertEquals(730, $left(), 'the flour that was worked in came from there too');
        self::assertSame(0, Artisan::call('mill:rebuild'));
        self::assertEquals(730, $left(), 'the log says the same again');

        $now = ['version' => 1, 'weighed_grams' => 700, 'weighed_at' => '2026-12-01T08:00:00.400Z'];
        $this->putJson("/api/v1/lots/$bag", [...$document, ...$now])->assertOk()->assertJsonPath('left_grams', 700);
        $this->putJson("/api/v1/lots/$bag", [...$document, ...$now])->assertOk()->assertJsonPath('version', 2);
        $this->putJson("/api/v1/lots/$bag", [...$document, 'version' => 2, 'weighed_grams' => 5])->assertUnprocessable()->assertJsonPath('errors.0.path', 'weighed_at');
        $this->putJson("/api/v1/lots/$bag", [...$document, ...$now, 'version' => 2, 'emptied_on' => '2026-12-02'])->assertOk()->assertJsonPath('left_grams', 0);
    }

    public function test_what_stands_beside_the_dough_is_weighed_from_its_bag_and_refused_where_it_does_not_stand(): void
    {
        $this->cook();
        $bag = self::uuid();
        $this->putJson("/api/v1/lots/$bag", ['version' => 0, 'ingredient' => 'instant-masa-fine', 'label' => 'For all of it', 'certified_gluten_free' => true, 'opened_on' => '2026-03-01', 'grams' => 1000])->assertOk();
        $bread = self::uuid();
        $dust = ['ingredient' => 'instant-masa-fine', 'place' => 'dusting', 'grams_each' => 2];
        $request = ['style' => 'pressed-masa', 'pieces' => ['count' => 10], 'formula' => ['extras' => [$dust, ['ingredient' => 'fresh-cheese', 'place' => 'filling', 'grams_each' => 12]]]];
        $this->postJson('/api/v1/breads', ['id' => $bread, 'name' => 'Filled discs', 'request' => $request])->assertCreated();
        $batch = self::document($this->postJson('/api/v1/batches', ['id' => self::uuid(), 'bread' => $bread, 'at' => '2026-03-02T09:00:00Z'])->assertCreated());
        self::assertSame($bag, Said::at($batch, 'request.formula.extras.0.lot')->value);
        self::assertEquals([20, 120], array_column(Said::at($batch, 'state.extras')->all(), 'planned_grams'));
        self::assertSame('milk', Said::at($batch, 'plan.label.allergens.0.id')->value);

        $left = fn (): mixed => self::document($this->getJson('/api/v1/kitchen'))['lots']->one('id', $bag)['left_grams']->value;
        $dusted = self::event('extra_weighed', ['extra' => 'dusting', 'ingredient' => 'instant-masa-fine', 'grams' => 23]);
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [self::event('measured', ['ingredient' => 'instant-masa-fine', 'grams' => 250]), $dusted]])
            ->assertOk()->assertJsonPath('state.extras.0.grams', 23);
        self::assertEquals(727, $left(), '250 g in the dough and 23 g to dust with');
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [self::event('undone', ['event' => $dusted['id']])]])->assertOk()->assertJsonPath('state.extras.0.grams', null);
        self::assertEquals(750, $left());
        self::assertSame(0, Artisan::call('mill:rebuild'));
        self::assertEquals(750, $left(), 'the log says the same again');
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [self::event('extra_weighed', ['extra' => 'topping', 'ingredient' => 'fresh-cheese', 'grams' => 50])]])
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'events[0].ingredient');
        $this->get("/batches/{$batch['id']}/run-sheet.txt")->assertOk()->assertSee('to dust with');
    }

    public function test_a_bag_with_too_little_in_it_is_said_when_the_batch_begins_and_what_the_day_lacks_is_to_buy(): void
    {
        $this->cook();
        $bag = self::uuid();
        $this->putJson("/api/v1/lots/$bag", ['version' => 0, 'ingredient' => 'instant-masa-fine', 'label' => 'The end of a sack', 'certified_gluten_free' => true, 'opened_on' => '2026-03-01', 'grams' => 200])->assertOk();
        DB::table('lots')->where('ingredient', 'instant-masa-fine')->where('uuid', '!=', $bag)->update(['emptied_on' => '2026-03-01']);
        DB::table('batches')->whereNull('finished_at')->update(['discarded_at' => '2026-03-01 00:00:00']);
        $before = collect((array) $this->getJson('/api/v1/day?hands=1')->json('lacks'))->firstWhere('ingredient', 'instant-masa-fine');
        self::assertNull($before);
        $batch = $this->startBatch();
        $short = collect(Said::at($batch, 'plan.warnings')->all())->firstWhere('id', 'bag-short-instant-masa-fine');
        self::assertEquals(200, Said::at($short, 'value')->value);
        $needs = Said::at($batch, 'plan.ledger.0.grams')->number();
        $lacks = collect((array) $this->getJson('/api/v1/day?hands=1')->assertOk()->json('lacks'))->firstWhere('ingredient', 'instant-masa-fine');
        self::assertEqualsWithDelta($needs - 200, Said::at($lacks, 'lacks_grams')->number(), 0.11);
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [self::event('measured', ['ingredient' => 'instant-masa-fine', 'grams' => 190])]])->assertOk();
        self::assertNull(collect((array) $this->getJson('/api/v1/day?hands=1')->json('lacks'))->firstWhere('ingredient', 'instant-masa-fine'), 'what was weighed is not to be bought');
    }
}
