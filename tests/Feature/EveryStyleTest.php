<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use Tests\TestCase;

/** Each bread style from choice to verdict over the real HTTP and database, by what the server itself says is next. */
final class EveryStyleTest extends TestCase
{
    private const DONE = ['lay' => 'laid', 'turn' => 'turned', 'press' => 'turned', 'lift' => 'lifted'];

    /** @return iterable<string, array{string}> */
    public static function styles(): iterable
    {
        foreach (Bench::reference()->styles->ids() as $style) {
            yield $style => [$style];
        }
    }

    #[DataProvider('styles')]
    public function test_a_batch_of_it_can_be_made_to_the_end(string $style): void
    {
        $this->cook();
        $bread = self::uuid();
        $this->postJson('/api/v1/breads', ['id' => $bread, 'name' => $style, 'request' => ['style' => $style, 'pieces' => ['count' => 2]]])->assertCreated();
        $batch = self::uuid();
        $started = $this->postJson('/api/v1/batches', ['id' => $batch, 'bread' => $bread, 'at' => '2026-03-02T09:00:00Z'])->assertCreated();
        foreach (Said::at($started->json(), 'plan.ledger') as $row) {
            $this->happens($batch, 'measured', ['ingredient' => $row['ingredient'], 'grams' => $row['grams']]);
        }
        $this->happens($batch, 'poured', ['grams' => $started->json('plan.water.first_pour_grams.value')]);
        $state = $this->happens($batch, 'felt', ['grade' => 'cracking']);
        $answer = $state['feel_answers']->one('grade', 'cracking');
        $state = $this->happens($batch, 'corrected', ['water_grams' => $answer['water_grams']['value'], 'flour_grams' => 0, 'pieces' => 3]);
        self::assertSame(3, $state['portion']['count']->value, 'the wish for more pieces is kept with the correction');
        $this->happens($batch, 'felt', ['grade' => 'ready']);
        $state = $this->happens($batch, 'scale_set', ['grams' => max(60, round(3 * $state['bowl']['piece_grams']->number())), 'pieces' => 3]);
        while ($state['portion']['left']->whole() > 0) {
            $state = $this->happens($batch, 'portioned', ['grams' => $state['portion']['next_mark_grams']]);
        }
        $events = $this->cookAll($batch, $state);
        self::assertGreaterThanOrEqual(6, $events);
        $version = $this->getJson("/api/v1/batches/$batch")->json('version');
        $this->putJson("/api/v1/batches/$batch/verdict", ['version' => $version, 'verdict' => [
            'pliability' => 'folds', 'puff' => 'patches', 'shade_first' => 0.5, 'shade_second' => 0.5, 'cracks' => 'none', 'sticking' => 'none',
            'pieces_good' => 3, 'pieces_second' => 0, 'pieces_lost' => 0,
        ]])->assertOk();
        self::assertContains($batch, array_column((array) $this->getJson('/api/v1/batches')->json('batches'), 'id'));
        self::assertGreaterThan(12, count((array) $this->getJson("/api/v1/batches/$batch")->json('events')));
    }

    /**
     * Does whatever is next on the griddle until nothing is.
     */
    private function cookAll(string $batch, Said $state): int
    {
        $done = 0;
        $second = 0;
        while (count($state['griddle']['steps']) > 0 && $done < 100) {
            [$action, $piece, $place] = [...$state['griddle']['steps'][0]];
            $second += 5;
            $at = sprintf('2026-03-02T10:%02d:%02d.000Z', intdiv($second, 60), $second % 60);
            $fields = $action->value === 'lay' ? ['piece' => $piece, 'place' => $place] : ['piece' => $piece];
            $state = $this->happens($batch, self::DONE[$action->text()], $fields, $at);
            $done++;
        }
        self::assertSame([3, 0], [$state['griddle']['lifted']->value, $state['griddle']['to_lay']->value]);

        return $done;
    }

    /**
     * The state after it.
     *
     * @param array<string, mixed> $fields
     */
    private function happens(string $batch, string $kind, array $fields, string $at = '2026-03-02T09:30:00.000Z'): Said
    {
        $response = $this->postJson("/api/v1/batches/$batch/events", ['events' => [self::event($kind, $fields, $at)]]);
        $response->assertOk();

        return Said::at($response->json(), 'state');
    }
}
