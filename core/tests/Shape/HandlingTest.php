<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\TestCase;
use StoneMill\Tests\Bench;

final class HandlingTest extends TestCase
{
    public function test_a_lever_press_takes_the_ball_off_the_middle_and_a_pin_its_guides(): void
    {
        $press = self::handling(['style' => 'pressed-masa']);
        // 6 % of 161 mm.
        self::assertEqualsWithDelta(10, $press['towards_hinge_mm'], 1);
        self::assertNull($press['guide_mm']);
        $pin = self::handling(['style' => 'almond-wrap']);
        // The disc and two liners of 0.05 mm.
        self::assertEqualsWithDelta(1.6, $pin['guide_mm'], 1e-6);
        self::assertNull($pin['towards_hinge_mm']);
    }

    public function test_the_press_limits_the_disc(): void
    {
        $gear = ['press' => ['diameter_mm' => 150]];
        $wide = self::handling(['style' => 'pressed-masa', 'gear' => $gear]);
        self::assertIsArray($wide['press']);
        self::assertFalse($wide['press']['fits']);
        self::assertSame(142.0, $wide['press']['widest_mm']);
        $fits = self::handling(['style' => 'pressed-masa', 'gear' => $gear, 'pieces' => ['grams_each' => floor($wide['press']['most_grams']) - 1]]);
        self::assertIsArray($fits['press']);
        self::assertTrue($fits['press']['fits']);
    }

    public function test_a_dough_that_holds_less_must_stay_thicker(): void
    {
        $lines = static fn (float $psyllium): array => ['style' => 'cassava-wrap', 'formula' => ['lines' => [['ingredient' => 'cassava', 'percent' => 100], ...($psyllium > 0 ? [['ingredient' => 'psyllium-husk', 'percent' => $psyllium]] : [])]]];
        self::assertLessThanOrEqual(self::handling($lines(0))['thinnest_mm'], self::handling($lines(4))['thinnest_mm']);
        self::assertLessThan(self::handling(['style' => 'cassava-wrap', 'formula' => ['lines' => [['ingredient' => 'maize-fine', 'percent' => 100]], 'method' => ['scald' => 'none']], 'water' => ['celsius' => 15]])['thinnest_mm'], self::handling($lines(4))['thinnest_mm']);
    }

    public function test_hot_metal_and_plastic_are_kept_apart_in_words(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            $handling = self::handling(['style' => $style->id]);
            self::assertNotSame([], $handling['steps']);
            if ($handling['liner'] !== 'No liner.') {
                self::assertStringContainsString('ever onto a hot surface', (string) $handling['liner']);
            }
        }
    }

    public function test_eaters_are_fed_by_whole_pieces(): void
    {
        // 110 g an eater in pieces of 43 g: three each.
        self::assertSame(12, Bench::sketch(['style' => 'pressed-masa', 'pieces' => ['eaters' => 4]])->portions->count);
        self::assertSame(4, Bench::sketch(['style' => 'thick-corn-round', 'pieces' => ['eaters' => 4]])->portions->count);
    }

    /**
     * @param array<string, mixed> $request
     * @return array<string, mixed>
     */
    private static function handling(array $request): array
    {
        $handling = Bench::ask('shape', ['request' => $request])['handling'];
        self::assertIsArray($handling);

        return $handling;
    }
}
