<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Where nobody weighs a piece its doubt goes all the way to thickness and time. */
final class DividingTest extends TestCase
{
    /** @param array<string, mixed> $pieces */
    private static function portion(array $pieces): Said
    {
        return Said::at(PlanDocument::of(Bench::sketchOf(['style' => 'pressed-masa', 'pieces' => $pieces]))->json, 'portion');
    }

    public function test_a_piece_like_a_walnut_is_as_unsure_as_a_hand_by_hand(): void
    {
        // 28 g, give or take 15 % of it: 1.2816 · 0.15 = 19.2 % to each side at 10 and 90 %.
        $portion = self::portion(['count' => 10, 'like' => 'walnut']);
        self::assertSame('likened', $portion['divided_by']->value);
        self::assertEqualsWithDelta(28, $portion['piece_grams']['value']->value, 0.6);
        self::assertEqualsWithDelta(0.808 * $portion['piece_grams']['value']->number(), $portion['differ']['grams']['low']->value, 0.05);
        self::assertEqualsWithDelta(1.9 * 1.192, $portion['differ']['thickness_mm']['high']->value, 0.02);
        // Time goes with the thickness to the power of 1.3.
        $seconds = $portion['differ']['seconds'];
        self::assertEqualsWithDelta((1.192 / 0.808) ** 1.3, $seconds['high']->number() / $seconds['low']->number(), 0.01);
    }

    public function test_the_scale_leaves_nothing_to_say(): void
    {
        self::assertNull(self::portion(['count' => 10])['differ']->value);
    }

    public function test_by_eye_is_less_sure_than_by_spoons(): void
    {
        $wide = static function (string $how): float {
            $grams = self::portion(['count' => 10, 'divided_by' => $how])['piece_grams'];

            return $grams['high']->number() - $grams['low']->number();
        };
        self::assertGreaterThan($wide('spoon'), $wide('eye'));
        self::assertGreaterThan($wide('scale'), $wide('spoon'));
    }

    public function test_a_weight_and_a_likeness_together_are_refused(): void
    {
        $this->expectException(InvalidInput::class);
        self::portion(['grams_each' => 40, 'like' => 'fist']);
    }
}
