<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Tests\Plan\PlanRequestTest;
use Tests\TestCase;

final class PlanEndpointTest extends TestCase
{
    public function test_the_same_request_gives_the_same_bytes_and_stores_nothing(): void
    {
        $this->cook();
        $before = self::rows();
        $request = ['style' => 'rice-round', 'pieces' => ['count' => 9], 'serve_at' => '2026-03-01T12:30:00+01:00'];
        $first = $this->postJson('/api/v1/plan', $request)->assertOk()->getContent();
        self::assertSame($first, $this->postJson('/api/v1/plan', $request)->getContent());
        self::assertSame($before, self::rows());
    }

    #[DataProvider('badRequests')]
    public function test_every_bad_input_is_a_problem_naming_its_place(mixed $request, string $path, string $limit): void
    {
        $this->cook();
        $before = self::rows();
        $response = $this->call('POST', '/api/v1/plan', content: (string) json_encode($request), server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json']);
        $response->assertUnprocessable()->assertHeader('Content-Type', 'application/problem+json')->assertJsonPath('errors.0.path', $path);
        self::assertStringContainsString($limit, (string) json_encode($response->json('errors.0.limit'), JSON_UNESCAPED_UNICODE));
        self::assertSame($before, self::rows());
    }

    /** @return iterable<string, array{mixed, string, string}> those of the core's cases that JSON can carry */
    public static function badRequests(): iterable
    {
        foreach (PlanRequestTest::badInput() as $name => $case) {
            if (json_encode($case[0]) !== false) {
                yield $name => $case;
            }
        }
    }

    public function test_numbers_that_json_only_spells_are_refused_by_name(): void
    {
        $this->cook();
        foreach (['1e999' => 'formula.lines[0].grams', 'NaN' => '(document)'] as $spelled => $path) {
            $text = '{"style":"pressed-masa","formula":{"lines":[{"ingredient":"instant-masa-fine","grams":'.$spelled.'}]}}';
            $this->call('POST', '/api/v1/plan', content: $text, server: ['HTTP_ACCEPT' => 'application/json'])
                ->assertUnprocessable()->assertJsonPath('errors.0.path', $path);
        }
    }

    public function test_a_document_too_large_or_too_deep_is_refused(): void
    {
        $this->cook();
        $server = ['HTTP_ACCEPT' => 'application/json'];
        $this->call('POST', '/api/v1/plan', content: '"'.str_repeat('x', 1_000_001).'"', server: $server)->assertUnprocessable()->assertJsonPath('errors.0.limit', 'at most 1000000 bytes');
        $this->call('POST', '/api/v1/plan', content: str_repeat('[', 100).str_repeat(']', 100), server: $server)->assertUnprocessable();
    }

    /** @return array<string, int> */
    private static function rows(): array
    {
        $rows = [];
        foreach (['kitchens', 'users', 'lots', 'gear', 'formulas', 'formula_revisions', 'batches', 'batch_events', 'verdicts'] as $table) {
            $rows[$table] = DB::table($table)->count();
        }

        return $rows;
    }
}
