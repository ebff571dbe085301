<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\StoneMillException;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

final class PlanRequestTest extends TestCase
{
    /** @return iterable<string, array{mixed, string, string}> request, path of the first error, part of its limit */
    public static function badInput(): iterable
    {
        $masa = static fn (mixed $grams): array => ['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'grams' => $grams]]]];
        yield 'negative flour' => [$masa(-5), 'formula.lines[0].grams', '0.01 to 50000 g'];
        yield 'no flour at all' => [$masa(0), 'formula.lines[0].grams', '0.01 to 50000 g'];
        yield 'not a number' => [$masa(NAN), 'formula.lines[0].grams', '0.01 to 50000 g'];
        yield 'endless flour' => [$masa(INF), 'formula.lines[0].grams', '50000'];
        yield 'huge flour' => [$masa(1e300), 'formula.lines[0].grams', '50000'];
        yield 'flour in words' => [$masa('a cup'), 'formula.lines[0].grams', 'a number'];
        yield 'only salt' => [['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'salt', 'grams' => 5]]]], 'formula.lines', 'at least one flour'];
        yield 'no pieces' => [['style' => 'pressed-masa', 'pieces' => ['count' => 0]], 'pieces.count', '1 to 200'];
        yield 'five hundred pieces' => [['style' => 'pressed-masa', 'pieces' => ['count' => 500]], 'pieces.count', '1 to 200'];
        yield 'half a piece' => [['style' => 'pressed-masa', 'pieces' => ['count' => 2.5]], 'pieces.count', 'whole number'];
        yield 'water over boiling' => [['style' => 'pressed-masa', 'water' => ['celsius' => 120]], 'water.celsius', '0 to 100'];
        yield 'unknown ingredient' => [['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'rye', 'grams' => 10]]]], 'formula.lines[0].ingredient', 'a known ingredient'];
        yield 'the same line twice' => [['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'salt', 'percent' => 1], ['ingredient' => 'salt', 'percent' => 2]]]], 'formula.lines[1].ingredient', 'each ingredient once'];
        yield 'two amounts' => [['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'salt', 'percent' => 1, 'grams' => 2]]]], 'formula.lines[0]', 'one of grams'];
        yield 'unknown field' => [['style' => 'pressed-masa', 'colour' => 'blue'], 'colour', 'one of style'];
        yield 'unknown style' => [['style' => 'baguette'], 'style', 'pressed-masa'];
        yield 'no style' => [['pieces' => ['count' => 4]], 'style', 'text'];
        yield 'a list' => [[1, 2], '(document)', 'an object'];
        yield 'nothing' => [null, '(document)', 'an object'];
        yield 'a school that the bread does not bear' => [['style' => 'teff-batter-round', 'formula' => ['method' => ['turns' => 'flame_finish']]], 'formula.method.turns', 'two_turns'];
        yield 'a day that does not exist' => [['style' => 'pressed-masa', 'serve_at' => '2026-02-31T12:00:00Z'], 'serve_at', 'a date and time'];
        yield 'five pairs of hands' => [['style' => 'pressed-masa', 'hands' => 5], 'hands', '1 to 4'];
        yield 'water and dough temperature at once' => [['style' => 'pressed-masa', 'water' => ['celsius' => 50, 'dough_celsius' => 40]], 'water', 'celsius or dough_celsius'];
        yield 'a lot nobody described' => [['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'grams' => 100, 'lot' => 'x']]]], 'formula.lines[0].lot', 'under lots'];
        yield 'flour percentages that miss the whole' => [['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'percent' => 60]]]], 'formula.lines', 'add up to 100'];
        yield 'more pieces than flour' => [['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'grams' => 20]]], 'pieces' => ['count' => 100]], 'pieces', 'g a piece'];
        yield 'tonnes of dough' => [['style' => 'pressed-masa', 'pieces' => ['count' => 200, 'grams_each' => 1000]], 'pieces', '50000 g of flour'];
    }

    #[DataProvider('badInput')]
    public function test_bad_input_is_refused_with_its_place_and_limit(mixed $request, string $path, string $limit): void
    {
        try {
            Bench::planOf($request);
        } catch (InvalidInput $refusal) {
            self::assertSame($path, $refusal->errors[0]->path);
            self::assertStringContainsString($limit, $refusal->errors[0]->limit);
            self::assertJson((string) json_encode($refusal->toProblem(), JSON_THROW_ON_ERROR));

            return;
        }
        self::fail('This input was accepted.');
    }

    public function test_all_that_is_wrong_is_said_at_once(): void
    {
        try {
            Bench::planOf(['style' => 'rye', 'pieces' => ['count' => -1], 'hands' => 'two', 'room' => ['celsius' => 80]]);
        } catch (InvalidInput $refusal) {
            self::assertSame(['style', 'room.celsius', 'pieces.count', 'hands'], self::sortedLike(['style', 'room.celsius', 'pieces.count', 'hands'], array_column($refusal->toProblem()['errors'], 'path')));

            return;
        }
        self::fail('This input was accepted.');
    }

    public function test_no_mangled_request_ever_ends_in_anything_but_a_plan_or_a_named_refusal(): void
    {
        $seeded = new Seeded(91);
        $junk = [null, true, -1, 0, 0.0001, 1e9, INF, NAN, '', 'x', [], [1], ['grams' => 1], "\xff"];
        for ($case = 0; $case < 3000; $case++) {
            $request = Bench::randomRequest($seeded);
            for ($hit = $seeded->int(1, 3); $hit > 0; $hit--) {
                self::mangle($request, $seeded, $junk);
            }
            try {
                Bench::planOf($request);
            } catch (StoneMillException $refusal) {
                self::assertInstanceOf(InvalidInput::class, $refusal);
            }
        }
        $this->addToAssertionCount(1);
    }

    /**
     * @param array<mixed> $node
     * @param non-empty-list<mixed> $junk
     */
    private static function mangle(array &$node, Seeded $seeded, array $junk): void
    {
        $key = $seeded->one(array_keys($node) === [] ? [0] : array_keys($node));
        if (is_array($node[$key] ?? null) && $node[$key] !== [] && $seeded->int(0, 3) > 0) {
            self::mangle($node[$key], $seeded, $junk);

            return;
        }
        $node[$key] = $seeded->one($junk);
    }

    /**
     * @param list<string> $order
     * @param list<string> $paths
     * @return list<string>
     */
    private static function sortedLike(array $order, array $paths): array
    {
        return array_values(array_filter($order, static fn (string $path): bool => in_array($path, $paths, true)));
    }
}
