<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\TestCase;
use StoneMill\Bake\Burner;
use StoneMill\Bake\Iron;
use StoneMill\Bake\Metal;
use StoneMill\Bake\RestingIron;
use StoneMill\Griddle\Internal\MetalResponse;

/** Which way the metal moves for a little more heat: it only says where to look, so it must say it rightly. */
final class MetalResponseTest extends TestCase
{
    public function test_while_nothing_lies_there_it_says_what_the_metal_does(): void
    {
        foreach ([[Metal::CastIron, 5.0], [Metal::Steel, 3.0], [Metal::Aluminium, 4.0]] as [$metal, $thickness]) {
            foreach (Burner::cases() as $burner) {
                $iron = Iron::of($metal, $burner, $thickness, 220, 0.5, 70);
                $response = MetalResponse::over($iron, 0.0, 60.0);
                $ends = static function (Iron $iron, float $patch, float $bare): array {
                    $resting = new RestingIron($iron, 21, 220 + $patch, 220 + $bare);
                    $resting->rest(60);

                    return [$resting->celsius() - 220, $resting->bareCelsius() - 220];
                };
                self::assertEqualsWithDelta($response->ofPatch, $ends($iron, 1.0, 0.0), 0.03, "{$metal->value} {$burner->value}: the place");
                self::assertEqualsWithDelta($response->ofBare, $ends($iron, 0.0, 1.0), 0.03, "{$metal->value} {$burner->value}: the bare metal");
                self::assertEqualsWithDelta(array_map(static fn (float $each): float => 100 * $each, $response->ofFlame), $ends($iron->turnedUpBy(100.0), 0.0, 0.0), 0.03, "{$metal->value} {$burner->value}: the flame");
            }
        }
    }

    public function test_what_bread_takes_cools_its_place_first_and_a_kelvin_fades_while_it_lies(): void
    {
        $iron = Iron::of(Metal::CastIron, Burner::Home, 5, 220, 0.5, 70);
        $response = MetalResponse::over($iron, 100.0, 12.0);
        [$patch, $bare] = MetalResponse::toTaken(1.0, $iron, 100.0, 12.0);
        self::assertGreaterThan($bare, $patch);
        self::assertGreaterThan(0, $bare);
        // A kelvin more at the beginning is worth less than one in the mean, and more than what is left of it at the end.
        self::assertLessThan(1.0, $response->hotterMeanwhile(1.0, 0.0));
        self::assertGreaterThan($response->ofPatch[0], $response->hotterMeanwhile(1.0, 0.0));
        self::assertEqualsWithDelta($response->hotterMeanwhile(2.0, 300.0), 2 * $response->hotterMeanwhile(1.0, 150.0), 1e-9);
        // Boiling bread takes 120 W/(m²·K) · (220 − 100) K; uncovered metal had lost 18 · (220 − 21) W/m² there.
        self::assertEqualsWithDelta(18 * 199 - 120 * 120, MetalResponse::ofBoilingBread(220.0, 21.0), 1e-9);
    }
}
