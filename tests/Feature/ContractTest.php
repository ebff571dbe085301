<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Controllers\PageController;
use App\Http\ReadersUnits;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use Tests\Contract;
use Tests\TestCase;

/** The published contract and the server say the same. */
final class ContractTest extends TestCase
{
    public function test_every_route_is_described_and_everything_described_is_routed(): void
    {
        $routed = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $method = strtolower($route->methods()[0]);
            if (! $route->isFallback && $route->getActionName() !== PageController::class) {
                $routed[] = $method.' '.(str_starts_with($route->uri(), 'api/v1/') ? substr($route->uri(), 6) : '/'.$route->uri());
            }
        }
        $described = [];
        foreach (Contract::openapi()['paths'] as $path => $operations) {
            foreach (array_keys($operations->all()) as $method) {
                in_array($method, ['parameters', 'servers'], true) ?: $described[] = "$method $path";
            }
        }
        sort($routed);
        sort($described);
        self::assertSame($described, $routed);
    }

    public function test_what_is_written_in_a_readers_units_takes_all_of_them(): void
    {
        $named = 0;
        foreach (Contract::openapi()['paths'] as $path => $operations) {
            if (! isset($operations['get']['parameters'])) {
                continue;
            }
            $taken = array_map(static fn (Said $one): string => isset($one['$ref']) ? basename($one['$ref']->text()) : '', [...$operations['get']['parameters']]);
            if (! in_array('Mass', $taken, true)) {
                continue;
            }
            $named++;
            self::assertSame([], array_diff(array_map(ucfirst(...), ReadersUnits::FIELDS), $taken), (string) $path);
        }
        self::assertSame(3, $named, 'calendar, run sheet, card');
    }

    public function test_answers_are_as_described(): void
    {
        Contract::assertComponent('Session', (string) $this->getJson('/api/v1/session')->getContent());
        $this->cook();
        Contract::assertComponent('Kitchen', (string) $this->getJson('/api/v1/kitchen')->getContent());
        foreach (['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap'] as $style) {
            Contract::assertHolds('batch-plan.schema.json', (string) $this->postJson('/api/v1/plan', ['style' => $style])->getContent());
            $batch = $this->startBatch($style);
            Contract::assertComponent('Batch', (string) $this->getJson('/api/v1/batches/'.$batch['id'])->getContent());
        }
        foreach (self::document($this->getJson('/api/v1/batches'))['batches'] as $summary) {
            Contract::assertComponent('Batch', (string) $this->getJson('/api/v1/batches/'.$summary['id'])->getContent());
            Contract::assertComponent('BatchSummary', (string) json_encode($summary));
        }
        Contract::assertHolds('problem.schema.json', (string) $this->postJson('/api/v1/plan', ['style' => 'x'])->getContent());
        Contract::assertHolds('problem.schema.json', (string) $this->getJson('/api/v1/batches/none')->getContent());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function shapes(): iterable
    {
        $masa = ['style' => 'pressed-masa'];
        yield 'nothing but a style' => [$masa];
        yield 'a line without amount' => [[...$masa, 'formula' => ['lines' => [['ingredient' => 'salt']]]]];
        yield 'a line with two amounts' => [[...$masa, 'formula' => ['lines' => [['ingredient' => 'salt', 'grams' => 1, 'percent' => 1]]]]];
        yield 'text for a number' => [[...$masa, 'room' => ['celsius' => 'warm']]];
        yield 'a number for text' => [['style' => 4]];
        yield 'an unknown field' => [[...$masa, 'oven' => true]];
        yield 'a list for an object' => [[...$masa, 'pieces' => [1]]];
        yield 'an unknown school' => [[...$masa, 'formula' => ['method' => ['water' => 'tepid']]]];
        yield 'a griddle without shape' => [[...$masa, 'gear' => ['griddle' => ['diameter_mm' => 300]]]];
        yield 'a lot without its certificate' => [[...$masa, 'lots' => ['a' => ['price' => 3]]]];
        yield 'a fraction of a piece' => [[...$masa, 'pieces' => ['count' => 1.5]]];
        yield 'too many lines' => [[...$masa, 'formula' => ['lines' => array_fill(0, 41, ['ingredient' => 'salt', 'percent' => 1])]]];
        yield 'a grind nobody has' => [[...$masa, 'formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'percent' => 100, 'grind' => 'dust']]]]];
        yield 'a home grind' => [[...$masa, 'formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'percent' => 100, 'grind' => 'home_fine']]]]];
        yield 'a texture nobody has' => [[...$masa, 'formula' => ['texture' => 'glue']]];
        yield 'two sizes at once' => [[...$masa, 'formula' => ['scale' => ['flour_grams' => 100, 'dough_grams' => 300]]]];
        yield 'one size' => [[...$masa, 'formula' => ['scale' => ['dough_grams' => 300]]]];
        yield 'a scarce line without its amount' => [[...$masa, 'formula' => ['scale' => ['limit' => ['ingredient' => 'salt']]]]];
        yield 'a purpose nobody has' => [[...$masa, 'purpose' => 'throw']];
        yield 'more flour in the pot than there is' => [[...$masa, 'water' => ['pot_share' => 1.2]]];
        yield 'a frozen tap' => [[...$masa, 'water' => ['tap_celsius' => -4]]];
        yield 'a budget of nothing' => [[...$masa, 'budget' => ['net_carbohydrate_grams' => 0]]];
        yield 'a dough that shrinks' => [[...$masa, 'rise' => ['growth' => 0.5]]];
        yield 'a price below nothing' => [[...$masa, 'lots' => ['bag' => ['certified_gluten_free' => true, 'price_per_kg' => -1]]]];
        $own = ['id' => 'own-dust', 'name' => 'Dust', 'like' => 'sorghum', 'per_100_g' => ['energy_kj' => 1490, 'fat' => 3, 'carbohydrate' => 69, 'fibre' => 7, 'protein' => 9, 'salt' => 0]];
        yield 'an ingredient of one\'s own' => [[...$masa, 'own_ingredients' => [$own]]];
        yield 'an own ingredient under a shipped name' => [[...$masa, 'own_ingredients' => [[...$own, 'id' => 'sorghum']]]];
        yield 'an own ingredient without its table' => [[...$masa, 'own_ingredients' => [array_diff_key($own, ['per_100_g' => 0])]]];
        yield 'an own ingredient with an allergen nobody knows' => [[...$masa, 'own_ingredients' => [[...$own, 'allergens' => ['moonlight']]]]];
        yield 'a full request' => [Said::json((string) file_get_contents(dirname(__DIR__, 2).'/formats/examples/millet-round.json'))->fields()];
    }

    /** @param array<string, mixed> $request */
    #[DataProvider('shapes')]
    public function test_what_the_schema_refuses_the_core_refuses_and_the_other_way_round(array $request): void
    {
        $refused = false;
        try {
            Bench::planOf($request);
        } catch (InvalidInput) {
            $refused = true;
        }
        self::assertSame($refused, Contract::errors('plan-request.schema.json', $request) !== '');
    }
}
