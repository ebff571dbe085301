<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\NewBread;
use App\Models\Batch;
use Illuminate\Support\Facades\DB;
use StoneMill\Plan\GivenRequest;
use StoneMill\Tests\Said;
use Tests\TestCase;

/** What is done every day may not grow with the record. Counted in what the database is asked and how it finds it, since a clock counts the neighbours too. */
final class GrowthTest extends TestCase
{
    /** Every batch of the demo kitchen so many times more. */
    private const TIMES = 8;

    public function test_a_larger_record_is_asked_no_more_and_never_read_through(): void
    {
        $this->cook();
        // What is read once a process is read before.
        $this->startBatch();
        $small = $this->everyDay();
        $this->grow();
        $large = $this->everyDay();
        self::assertSame(array_map(count(...), $small), array_map(count(...), $large), 'as many questions to the database');
        foreach ($large as $what => $asked) {
            foreach ($asked as ['query' => $statement, 'bindings' => $bindings]) {
                foreach (DB::select("EXPLAIN QUERY PLAN $statement", $bindings) as $step) {
                    $how = (new Said((array) $step))['detail']->text();
                    self::assertDoesNotMatchRegularExpression('/^SCAN (batches|batch_events|batch_bags|verdicts|photos)\b/', $how, "$what: $statement");
                }
            }
        }
    }

    public function test_a_larger_kitchen_is_told_in_as_many_questions_to_the_database(): void
    {
        $kitchen = $this->cook()->kitchen;
        $told = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson('/api/v1/kitchen')->assertOk();
            DB::disableQueryLog();

            return count(DB::getQueryLog());
        };
        $told();
        $before = $told();
        foreach (['breads' => ['rice-round', 'oat-round', 'almond-wrap'], 'griddles' => ['one', 'another', 'a third']] as $what => $names) {
            foreach ($names as $name) {
                if ($what === 'breads') {
                    app(NewBread::class)($kitchen, self::uuid(), $name, GivenRequest::ofStyle($name));

                    continue;
                }
                $griddle = self::uuid();
                $this->putJson("/api/v1/gear/$griddle", ['version' => 0, 'kind' => 'griddle', 'name' => $name, 'shape' => 'round', 'diameter_mm' => 300])->assertOk();
            }
        }
        self::assertSame($before, $told());
    }

    public function test_batches_that_were_begun_and_never_worked_on_push_no_lesson_out(): void
    {
        $this->cook();
        $before = Said::at($this->startBatch(), 'request.learned')->value;
        self::assertNotNull($before);
        $begun = Batch::query()->whereNull('finished_at')->latest('id')->firstOrFail();
        for ($number = 1; $number <= 130; $number++) {
            $this->copy((new Said((array) DB::table('batches')->find($begun->id)))->fields(), '2026-03-02 09:20:00');
        }
        self::assertEquals($before, Said::at($this->startBatch(), 'request.learned')->value);
    }

    /** @return array<string, list<array{query: string, bindings: array<mixed>}>> what the database was asked, by what was done */
    private function everyDay(): array
    {
        $asked = [];
        $count = static function (string $what, callable $do) use (&$asked): mixed {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $done = $do();
            DB::disableQueryLog();
            $asked[$what] = DB::getQueryLog();

            return $done;
        };
        $count('the batches on Today', fn () => $this->getJson('/api/v1/batches?limit=20')->assertOk());
        $id = (new Said($count('a batch of a known bread', fn (): string => $this->startBatch()['id']->text())))->text();
        $count('an entry of its log', fn () => $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('noted', ['text' => 'Went well.'])]])->assertOk());
        $count('the whole of it', fn () => $this->getJson("/api/v1/batches/$id")->assertOk());
        DB::table('batches')->where('uuid', $id)->delete();

        return $asked;
    }

    private function grow(): void
    {
        $rows = DB::table('batches')->whereNotNull('finished_at')->get();
        for ($time = 1; $time <= self::TIMES; $time++) {
            foreach ($rows as $row) {
                $this->copy((new Said((array) $row))->fields(), sprintf('2020-01-%02d 10:00:00', $time));
            }
        }
    }

    /** @param array<string, mixed> $batch with its log, bags and verdict */
    private function copy(array $batch, string $startedAt): void
    {
        /** @return array<string, mixed> */
        $anew = static fn (mixed $row, array $fields): array => array_diff_key((new Said([...(array) $row, ...$fields]))->fields(), ['id' => 0]);
        $id = DB::table('batches')->insertGetId($anew($batch, ['uuid' => self::uuid(), 'started_at' => $startedAt]));
        foreach (['batch_events' => [], 'batch_bags' => ['started_at' => $startedAt], 'verdicts' => []] as $table => $fields) {
            foreach (DB::table($table)->where('batch_id', $batch['id'])->get() as $part) {
                DB::table($table)->insert($anew($part, ['batch_id' => $id, ...$fields]));
            }
        }
    }
}
