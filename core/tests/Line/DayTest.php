<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use StoneMill\Tests\Seeded;

final class DayTest extends TestCase
{
    public function test_two_breads_for_noon_by_one_cook_clash_and_any_offered_move_mends_it(): void
    {
        $clashes = self::clashes([['pressed-masa', '12:00'], ['rice-round', '12:00']], 1);
        self::assertNotSame([], $clashes->value);
        self::assertSame('hands', $clashes[0]['kind']->value);
        self::assertStringContainsString('want the same hands', $clashes[0]['words']->text());
        foreach ($clashes[0]['moves'] as $move) {
            $served = ['1' => '12:00', '2' => '12:00', $move['batch']->text() => substr($move['ready_at']->text(), 11, 5)];
            self::assertSame([], self::clashes([['pressed-masa', $served['1']], ['rice-round', $served['2']]], 1)->value, $move['words']->text());
        }
        self::assertCount(4, $clashes[0]['moves'], 'each of the two, earlier and later');
    }

    public function test_with_hands_enough_only_a_shared_griddle_is_in_the_way(): void
    {
        $breads = [['pressed-masa', '12:00'], ['rice-round', '12:00']];
        self::assertSame([], self::clashes($breads, 2)->value);
        $shared = self::clashes($breads, 2, 'the plate');
        self::assertSame(['griddle'], $shared->each('kind'));
    }

    public function test_nothing_is_moved_to_before_the_day_began(): void
    {
        $clashes = self::clashes([['pressed-masa', '12:00'], ['rice-round', '12:00']], 1, null, '2026-03-02T11:00:00+01:00');
        foreach ($clashes[0]['moves'] as $move) {
            self::assertGreaterThan(0, $move['by_seconds']->whole());
        }
    }

    public function test_what_is_over_is_in_nobody_s_way_any_more(): void
    {
        $breads = [['pressed-masa', '12:00'], ['rice-round', '12:00']];
        self::assertNotSame([], self::clashes($breads, 1, null, '2026-03-02T06:00:00+01:00')->value);
        self::assertSame([], self::clashes($breads, 1, null, '2026-03-02T13:00:00+01:00')->value);
    }

    public function test_far_apart_nothing_clashes_and_close_together_every_pair_is_named_once(): void
    {
        $seeded = new Seeded(91);
        self::assertSame([], self::clashes([['pressed-masa', '09:00'], ['rice-round', '13:00'], ['millet-round', '18:00']], 1)->value);
        for ($case = 0; $case < 5; $case++) {
            $time = sprintf('1%d:30', $seeded->int(1, 6));
            $pairs = array_map(static fn (Said $clash): string => $clash['kind'].implode('-', $clash['batches']->listed()), self::clashes([['pressed-masa', $time], ['rice-round', $time], ['millet-round', $time]], 1)->listed());
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
     */
    private static function clashes(array $breads, int $hands, ?string $griddle = null, ?string $notBefore = null): Said
    {
        return Said::at(Bench::ask('day', [
            'hands' => $hands,
            ...($notBefore === null ? [] : ['not_before' => $notBefore]),
            'batches' => array_map(static fn (array $bread): array => [
                'request' => ['style' => $bread[0], 'pieces' => ['count' => 6], 'serve_at' => "2026-03-02T{$bread[1]}:00+01:00"],
                ...($griddle === null ? [] : ['griddle' => $griddle]),
            ], $breads),
        ]), 'clashes');
    }
}
