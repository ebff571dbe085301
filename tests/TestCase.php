<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\NewBread;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\User;
use Database\Seeders\DemoKitchen;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Ramsey\Uuid\Uuid;
use StoneMill\Plan\GivenRequest;
use StoneMill\Tests\Said;
use Symfony\Component\HttpFoundation\Response;

/** A kitchen on a real database behind the real routes. */
abstract class TestCase extends FrameworkTestCase
{
    use RefreshDatabase;

    /** @var array<string, list<array<string, mixed>>> of every table of the demo kitchen */
    private static array $demo = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        config(['mill.demo_now' => '2026-03-02T09:30:00+00:00']);
    }

    /** The demo's cook, signed in. What is made of the demo is the same each time, so it is made once a process and its rows are put back. */
    protected function cook(): User
    {
        if (self::$demo === []) {
            $this->seed();
            self::$demo = self::rows();
        } else {
            self::putBack(self::$demo);
        }
        $cook = User::query()->where('name', DemoKitchen::COOK)->firstOrFail();
        $this->actingAs($cook);

        return $cook;
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function rows(): array
    {
        $rows = [];
        foreach (DB::table('sqlite_master')->where('type', 'table')->whereNot('name', 'like', 'sqlite_%')->whereNot('name', 'migrations')->pluck('name')->all() as $table) {
            $table = (new Said($table))->text();
            $rows[$table] = array_map(static fn (mixed $row): array => (new Said((array) $row))->fields(), array_values(DB::table($table)->get()->all()));
        }

        return $rows;
    }

    /** @param array<string, list<array<string, mixed>>> $rows */
    private static function putBack(array $rows): void
    {
        DB::statement('PRAGMA defer_foreign_keys = ON');
        foreach ($rows as $table => $ofOne) {
            foreach (array_chunk($ofOne, 30) as $chunk) {
                DB::table($table)->insert($chunk);
            }
        }
    }

    /** A cook of another kitchen in the same house, signed in from here on. */
    protected function otherCook(): User
    {
        $other = User::factory()->for(Kitchen::factory())->with(KitchenRole::Owner)->create(['name' => 'neighbour']);
        app(NewBread::class)($other->kitchen, self::uuid(), 'Their rounds', GivenRequest::ofStyle('rice-round'));
        $this->actingAs($other);

        return $other;
    }

    protected static function uuid(): string
    {
        return Uuid::uuid4()->toString();
    }

    /** Starts a batch of a demo bread, and its water is in. */
    protected function pouredBatch(string $style = 'pressed-masa'): Said
    {
        $batch = $this->startBatch($style);
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [self::event('poured', ['grams' => 300])]])->assertOk();

        return $batch;
    }

    /** Starts a batch of a demo bread. */
    protected function startBatch(string $style = 'pressed-masa'): Said
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

    /** @param TestResponse<Response> $response */
    protected static function document(TestResponse $response): Said
    {
        return Said::json((string) $response->getContent());
    }
}
