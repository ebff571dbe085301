<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\Limits;
use StoneMill\Tests\Bench;
use Tests\Contract;
use Tests\TestCase;

/** The published contract and the server say the same. */
final class ContractTest extends TestCase
{
    public function test_every_route_is_described_and_everything_described_is_routed(): void
    {
        $routed = [];
        /** @var RegisteredRoute $route */
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/v1/')) {
                $routed[] = strtolower($route->methods()[0]).' '.substr($route->uri(), 6);
            }
        }
        $described = [];
        foreach ((array) Contract::openapi()['paths'] as $path => $operations) {
            foreach (array_keys((array) $operations) as $method) {
                $method === 'parameters' ?: $described[] = "$method $path";
            }
        }
        sort($routed);
        sort($described);
        self::assertSame($described, $routed);
    }

    public function test_answers_are_as_described(): void
    {
        self::assertContractOf('Session', (string) $this->getJson('/api/v1/session')->getContent());
        $this->cook();
        self::assertContractOf('Kitchen', (string) $this->getJson('/api/v1/kitchen')->getContent());
        foreach (['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap'] as $style) {
            Contract::assertHolds('batch-plan.schema.json', (string) $this->postJson('/api/v1/plan', ['style' => $style])->getContent());
            $batch = $this->startBatch($style);
            $batchId = is_string($batch['id']) ? $batch['id'] : '';
            self::assertContractOf('Batch', (string) $this->getJson('/api/v1/batches/'.$batchId)->getContent());
        }
        /** @var list<array{id: string}> $batches */
        $batches = $this->getJson('/api/v1/batches')->json('batches');
        foreach ($batches as $summary) {
            self::assertContractOf('Batch', (string) $this->getJson('/api/v1/batches/'.$summary['id'])->getContent());
            self::assertContractOf('BatchSummary', (string) json_encode($summary));
        }
        Contract::assertHolds('problem.schema.json', (string) $this->postJson('/api/v1/plan', ['style' => 'x'])->getContent());
        Contract::assertHolds('problem.schema.json', (string) $this->getJson('/api/v1/batches/none')->getContent());
    }

    /** @return iterable<string, array{list<string>, float, float}> place in the schema, least and most of the core */
    public static function limits(): iterable
    {
        yield 'grams' => [['formula', 'lines', 'items', 'grams'], Limits::LEAST_GRAMS, Limits::MOST_GRAMS];
        yield 'percent' => [['formula', 'lines', 'items', 'percent'], Limits::LEAST_PERCENT, Limits::MOST_PERCENT];
        yield 'count' => [['pieces', 'count'], 1, Limits::PIECES];
        yield 'grams each' => [['pieces', 'grams_each'], Limits::LEAST_PIECE_GRAMS, Limits::MOST_PIECE_GRAMS];
        yield 'diameter' => [['pieces', 'diameter_mm'], Limits::LEAST_DIAMETER_MM, Limits::MOST_DIAMETER_MM];
        yield 'thickness' => [['pieces', 'thickness_mm'], Limits::LEAST_THICKNESS_MM, Limits::MOST_THICKNESS_MM];
        yield 'room' => [['room', 'celsius'], Limits::LEAST_ROOM_CELSIUS, Limits::MOST_ROOM_CELSIUS];
        yield 'water' => [['water', 'celsius'], 0, Limits::MOST_WATER_CELSIUS];
        yield 'hydration' => [['water', 'hydration_percent'], 0, Limits::MOST_HYDRATION_PERCENT];
        yield 'risk' => [['water', 'overshoot_risk'], Limits::LEAST_RISK, Limits::MOST_RISK];
        yield 'surface' => [['griddle', 'surface_celsius'], Limits::LEAST_SURFACE_CELSIUS, Limits::MOST_SURFACE_CELSIUS];
        yield 'hands' => [['hands'], 1, Limits::HANDS];
    }

    /** @param list<string> $place */
    #[DataProvider('limits')]
    public function test_the_published_limits_are_the_core_s(array $place, float $least, float $most): void
    {
        $node = json_decode((string) file_get_contents(base_path('formats/plan-request.schema.json')), true, 64, JSON_THROW_ON_ERROR);
        foreach ($place as $step) {
            $node = $step === 'items' ? $node['items'] : $node['properties'][$step];
        }
        self::assertEqualsWithDelta([$least, $most], [(float) $node['minimum'], (float) $node['maximum']], 1e-12);
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
        yield 'a full request' => [json_decode((string) file_get_contents(dirname(__DIR__, 2).'/formats/examples/millet-round.json'), true)];
    }

    /** @param array<string, mixed> $request */
    #[DataProvider('shapes')]
    public function test_what_the_schema_refuses_the_core_refuses_and_the_other_way_round(array $request): void
    {
        $refused = false;
        try {
            Bench::plan($request);
        } catch (InvalidInput) {
            $refused = true;
        }
        self::assertSame($refused, Contract::errors('plan-request.schema.json', $request) !== '');
    }

    private static function assertContractOf(string $component, string $json): void
    {
        Contract::assertHolds('openapi.json#/components/schemas/'.$component, $json);
    }
}
