<?php

declare(strict_types=1);

namespace StoneMill\Tests\Kitchen;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Kitchen\Bag;
use StoneMill\Kitchen\BagShelf;
use StoneMill\Kitchen\Tool;
use StoneMill\Kitchen\ToolAtHand;
use StoneMill\Kitchen\ToolKind;
use StoneMill\Kitchen\Tools;
use StoneMill\Pantry\LotFacts;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Limits;
use StoneMill\Tests\Bench;

/** What a kitchen has becomes part of what a batch is planned from. */
final class ToolsTest extends TestCase
{
    public function test_the_first_of_each_kind_is_taken_and_a_pan_only_by_who_asks(): void
    {
        $asked = self::hearth()->beside(GivenRequest::ofStyle('pressed-masa'));
        self::assertSame(['griddle', 'press'], array_keys($asked->part('gear')));
        $gear = $asked->read(Bench::reference())->gear;
        self::assertSame(['first', 340.0, 170.0], [$gear->griddleId, $gear->griddle['width'] ?? null, $gear->pressMillimetres]);
    }

    public function test_the_griddle_that_a_bread_keeps_to_is_known_as_it_is_today_and_its_own_press_stands(): void
    {
        $bread = GivenRequest::of(['style' => 'pressed-masa', 'gear' => ['griddle' => ['id' => 'second', 'shape' => 'round', 'diameter_mm' => 200], 'press' => ['diameter_mm' => 150]]]);
        $gear = self::hearth()->beside($bread)->read(Bench::reference())->gear;
        self::assertSame(['second', 400.0, 150.0], [$gear->griddleId, $gear->griddle['width'] ?? null, $gear->pressMillimetres]);
    }

    public function test_every_line_comes_from_the_bag_opened_last_and_lines_without_a_bag_stay(): void
    {
        $shelf = new BagShelf([
            new Bag('old', 'instant-masa-fine', '2026-01-01', null, 1, self::facts(10)),
            new Bag('new', 'instant-masa-fine', '2026-02-01', null, 2, self::facts(12)),
            new Bag('other', 'oat-flour', '2026-03-01', null, 3, self::facts(4)),
        ]);
        $lines = [['ingredient' => 'instant-masa-fine', 'percent' => 100], ['ingredient' => 'salt', 'percent' => 1.5]];
        $under = $shelf->under(GivenRequest::of(['style' => 'pressed-masa', 'formula' => ['lines' => $lines, 'method' => ['scald' => 'none']], 'lots' => ['old' => []]]));
        self::assertEquals(['lines' => [[...$lines[0], 'lot' => 'new'], $lines[1]], 'method' => ['scald' => 'none']], $under->part('formula'));
        self::assertEquals(['new' => ['certified_gluten_free' => true, 'price_per_kg' => 12.0]], $under->part('lots'), 'bags that nothing is weighed from are not named');
    }

    #[TestWith(['press', Limits::LEAST_DIAMETER_MM, Limits::MOST_PRESS_MM])]
    #[TestWith(['pan', Limits::LEAST_PLATE_MM, Limits::MOST_PAN_MM])]
    #[TestWith(['griddle', Limits::LEAST_PLATE_MM, Limits::MOST_PLATE_MM])]
    public function test_a_plan_takes_every_tool_that_the_hearth_takes(string $kind, int $least, int $most): void
    {
        foreach ([$least, $most] as $wide) {
            $tool = self::read(['kind' => $kind, 'name' => 'T', 'diameter_mm' => $wide, ...$kind === 'griddle' ? ['shape' => 'round'] : []]);
            $asked = (new Tools([new ToolAtHand($tool->kind, 'it', $tool->told('it', null, []))], []))->beside(GivenRequest::of(['style' => 'pressed-masa', ...$kind === 'pan' ? ['gear' => ['pan' => $tool->told('it', null, [])]] : []]));
            self::assertArrayHasKey($kind, $asked->part('gear'));
            $asked->read(Bench::reference());
        }
        foreach ([$least - 1, $most + 1] as $wide) {
            try {
                self::read(['kind' => $kind, 'name' => 'T', 'diameter_mm' => $wide, ...$kind === 'griddle' ? ['shape' => 'round'] : []]);
                self::fail("$kind of $wide mm was taken");
            } catch (InvalidInput $refusal) {
                self::assertSame('diameter_mm', $refusal->errors[0]->path);
            }
        }
    }

    public function test_of_a_tool_that_is_none_nothing_else_is_said(): void
    {
        try {
            self::read(['kind' => 'oven', 'name' => 'T']);
            self::fail('taken');
        } catch (InvalidInput $refusal) {
            self::assertSame(['kind'], array_column($refusal->errors, 'path'));
        }
    }

    /** @param array<string, mixed> $told */
    private static function read(array $told): Tool
    {
        $findings = new Findings;

        return $findings->sound(Tool::read(Node::root($told, $findings)));
    }

    private static function hearth(): Tools
    {
        $round = static fn (float $wide): array => ['shape' => 'round', 'diameter_mm' => $wide];

        return new Tools([
            new ToolAtHand(ToolKind::Pan, 'pan', ['diameter_mm' => 220.0, 'count' => 1]),
            new ToolAtHand(ToolKind::Griddle, 'first', [...$round(340.0), 'id' => 'first']),
            new ToolAtHand(ToolKind::Griddle, 'second', [...$round(400.0), 'id' => 'second']),
            new ToolAtHand(ToolKind::Press, 'press', ['diameter_mm' => 170.0]),
        ], []);
    }

    private static function facts(float $price): LotFacts
    {
        return new LotFacts(true, $price, null, null);
    }
}
