<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\Puzzle;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

final class PracticeTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{string, float}>}> a puzzle and acts that solve it */
    public static function solutions(): iterable
    {
        yield 'a good day' => ['steady', [['turn', 22], ['turn', 54], ['press', 72], ['lift', 98]]];
        yield 'too hot: turn sooner, and turn down' => ['too_hot', [['knob', 2], ['turn', 16], ['turn', 30], ['turn', 42], ['press', 54], ['lift', 70]]];
        yield 'too thick: a lid' => ['too_thick', [['cover', 0], ['turn', 60], ['uncover', 100], ['turn', 130], ['lift', 200]]];
        yield 'cold iron: wait' => ['cold_iron', [['turn', 75], ['turn', 150], ['press', 200], ['lift', 260]]];
    }

    /** @param list<array{string, float}> $acts */
    #[DataProvider('solutions')]
    public function test_each_puzzle_can_be_solved_without_harm(string $puzzle, array $acts): void
    {
        $answer = self::practise($puzzle, $acts, 3);
        self::assertNotContains(true, $answer['lifted']['section']['words']->each('harm'));
        self::assertGreaterThanOrEqual(70, $answer['lifted']['points']->value);
    }

    public function test_each_puzzle_punishes_who_does_as_on_a_good_day(): void
    {
        $usual = [['turn', 22.0], ['turn', 54.0], ['press', 72.0], ['lift', 98.0]];
        $good = self::practise('steady', $usual, 98)['lifted'];
        foreach ([Puzzle::TooHot, Puzzle::TooThick, Puzzle::ColdIron, Puzzle::ThickRound] as $puzzle) {
            $lifted = self::practise($puzzle->value, $usual, 98)['lifted'];
            self::assertLessThan($good['points']->value, $lifted['points']->value, $puzzle->value);
        }
    }

    public function test_looking_changes_nothing(): void
    {
        $late = self::practise('steady', [['turn', 22]], 50);
        self::practise('steady', [['turn', 22]], 30);
        self::assertSame($late->value, self::practise('steady', [['turn', 22]], 50)->value);
    }

    public function test_what_is_seen_is_what_a_cook_sees(): void
    {
        $wet = self::practise('steady', [], 2)['seen'];
        self::assertSame(['The rim is wet and holds on to the metal.'], $wet['words']->value);
        self::assertFalse($wet['first_face_up']->value);
        self::assertSame('none', $wet['steam']->value);
        $burning = self::practise('too_hot', [], 90)['seen'];
        self::assertStringContainsString('Blue-grey smoke', (string) json_encode($burning['words']));
        self::assertSame('much', $burning['steam']->value);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function nonsense(): iterable
    {
        yield 'no puzzle' => [['now_seconds' => 3], 'puzzle'];
        yield 'an act before the one above' => [['puzzle' => 'steady', 'now_seconds' => 60, 'acts' => [['act' => 'turn', 'at_seconds' => 30], ['act' => 'turn', 'at_seconds' => 20]]], 'acts[1].at_seconds'];
        yield 'after the lift' => [['puzzle' => 'steady', 'now_seconds' => 60, 'acts' => [['act' => 'lift', 'at_seconds' => 30], ['act' => 'turn', 'at_seconds' => 40]]], 'acts[1]'];
        yield 'a knob without its heat' => [['puzzle' => 'steady', 'now_seconds' => 60, 'acts' => [['act' => 'knob', 'at_seconds' => 30]]], 'acts[0].celsius'];
        yield 'tomorrow' => [['puzzle' => 'steady', 'now_seconds' => 1e5], 'now_seconds'];
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_its_place(mixed $document, string $path): void
    {
        try {
            Bench::ask('practice', $document);
            self::fail('Nonsense was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }

    /**
     * @param list<array{string, float|int}> $acts
     */
    private static function practise(string $puzzle, array $acts, float $now): Said
    {
        return new Said(Bench::ask('practice', ['puzzle' => $puzzle, 'now_seconds' => $now, 'acts' => array_map(
            static fn (array $act): array => ['act' => $act[0], 'at_seconds' => $act[1], ...($act[0] === 'knob' ? ['celsius' => 200] : [])],
            $acts,
        )]));
    }
}
