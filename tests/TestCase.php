<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\NewBread;
use App\Models\Kitchen;
use App\Models\User;
use Database\Seeders\DemoKitchen;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Testing\TestResponse;
use Ramsey\Uuid\Uuid;
use Symfony\Component\HttpFoundation\Response;

/** A kitchen on a real database behind the real routes. */
abstract class TestCase extends FrameworkTestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        config(['mill.demo_now' => '2026-03-02T09:30:00+00:00']);
    }

    protected function cook(): User
    {
        $this->seed(DemoKitchen::class);
        $cook = User::query()->where('name', DemoKitchen::COOK)->firstOrFail();
        $this->actingAs($cook);

        return $cook;
    }

    /** A cook of another kitchen in the same house, signed in from here on. */
    protected function otherCook(): User
    {
        $kitchen = Kitchen::query()->create(['name' => 'Next door']);
        app(NewBread::class)($kitchen, self::uuid(), 'Their rounds', ['style' => 'rice-round']);
        $other = User::query()->create(['kitchen_id' => $kitchen->id, 'name' => 'neighbour', 'password' => 'long enough here']);
        $this->actingAs($other);

        return $other;
    }

    protected static function uuid(): string
    {
        return Uuid::uuid4()->toString();
    }

    /**
     * Starts a batch of a demo bread.
     *
     * @return array<string, mixed>
     */
    protected function startBatch(string $style = 'pressed-masa'): array
    {
        $response = $this->postJson('/api/v1/batches', [
            'id' => self::uuid(), 'bread' => DemoKitchen::uuid("bread $style"), 'at' => '2026-03-02T09:00:00Z',
        ]);
        $response->assertCreated();

        return self::document($response);
    }

    /**
     * @param array<string, mixed> $fields
     * @return array<string, mixed>
     */
    protected static function event(string $kind, array $fields = [], string $at = '2026-03-02T09:10:00.000Z'): array
    {
        return ['id' => self::uuid(), 'kind' => $kind, 'at' => $at, ...$fields];
    }

    /**
     * @param TestResponse<Response> $response
     * @return array<string, mixed>
     */
    protected static function document(TestResponse $response): array
    {
        return (array) json_decode((string) $response->getContent(), true, 64, JSON_THROW_ON_ERROR);
    }
}
