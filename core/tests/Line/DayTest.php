<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

final class DayTest extends TestCase
{
    public function test_two_breads_for_noon_by_one_cook_clash_and_any_offered_move_mends_it(): void
    {
        $day = self::ask([['pressed-masa', '12:00'], ['rice-round', '12:00']], 1);
        self::assertNotSame([], $day['clashes']);
        self::assertSame('hands', $day['clashes'][0]['kind']);
        self::assertStringContainsString('want the same hands', $day['clashes'][0]['words']);
        foreach ($day['clashes'][0]['moves'] as $move) {
            $served = ['1' => '12:00', '2' => '12:00', $move['batch'] => substr($move['ready_at'], 11, 5)];
            self::assertSame([], self::ask([['pressed-masa', $served['1']], ['rice-round', $served['2']]], 1)['clashes'], $move['words']);
        }
        self::assertCount(4, $day['clashes'][0]['moves'], 'each of the two, earlier and later');
    }

    public function test_with_hands_enough_only_a_shared_griddle_is_in_the_way(): void
    {
        $breads = [['pressed-masa', '12:00'], ['rice-round', '12:00']];
        self::assertSame([], self::ask($breads, 2)['clashes']);
        $shared = self::ask($breads, 2, 'the plate')['clashes'];
        self::assertSame(['griddle'], array_column($shared, 'kind'));
    }

    public function test_nothing_is_moved_to_before_the_day_began(): void
    {
        $day = self::ask([['pressed-masa', '12:00'], ['rice-round', '12:00']], 1, null, '2026-03-02T11:00:00+01:00');
        foreach ($day['clashes'][0]['moves'] as $move) {
            self::assertGreaterThan(0, $move['by_seconds']);
        }
    }

    public function test_what_is_over_is_in_nobody_s_way_any_more(): void
    {
        $breads = [['pressed-masa', '12:00'], ['rice-round', '12:00']];
        self::assertNotSame([], self::ask($breads, 1, null, '2026-03-02T06:00:00+01:00')['clashes']);
        self::assertSame([], self::ask($breads, 1, null, '2026-03-02T13:00:00+01:00')['clashes']);
    }

    public function test_far_apart_nothing_clashes_and_close_together_every_pair_is_named_once(): void
    {
        $seeded = new Seeded(91);
        self::assertSame([], self::ask([['pressed-masa', '09:00'], ['rice-round', '13:00'], ['millet-round', '18:00']], 1)['clashes']);
        for ($case = 0; $case < 5; $case++) {
            $time = sprintf('1%d:30', $seeded->int(1, 6));
            $pairs = array_map(static fn (array $clash): string => $clash['kind'].implode('-', $clash['batches']), self::ask([['pressed-masa', $time], ['rice-round', $time], ['millet-round', $time]], 1)['clashes']);
            self::assertSame(array_unique($pairs), $pairs);
            self::assertGreaterThanOrEqual(2, count($pairs));
        }
    }

    public function test_a_batch_without_a_time_is_refused_by_its_place(): void
    {
        try {
            Bench::ask('day', ['batches' => [['request' => ['style' => 'pressed-masa']]]]);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertStringContainsString('batches[0].request.serve_at', json_encode($refused->errors, JSON_THROW_ON_ERROR));
        }
    }

    /**
     * @param list<array{string, string}> $breads style and serving time
     * @return array{clashes: list<array{kind: string, batches: list<string>, words: string, moves: list<array{batch: string, by_seconds: int, ready_at: string, words: string}>}>}
     */
    private static function ask(array $breads, int $hands, ?string $griddle = null, ?string $notBefore = null): array
    {
        /** @var array{clashes: list<array{kind: string, batches: list<string>, words: string, moves: list<array{batch: string, by_seconds: int, ready_at: string, words: string}>}>} $answer */
        $answer = Bench::ask('day', [
            'hands' => $hands,
            ...($notBefore === null ? [] : ['not_before' => $notBefore]),
            'batches' => array_map(static fn (array $bread): array => [
                'request' => ['style' => $bread[0], 'pieces' => ['count' => 6], 'serve_at' => "2026-03-02T{$bread[1]}:00+01:00"],
                ...($griddle === null ? [] : ['griddle' => $griddle]),
            ], $breads),
        ]);

        return $answer;
    }
}
