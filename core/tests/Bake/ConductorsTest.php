<?php

declare(strict_types=1);

namespace StoneMill\Tests\Bake;

use PHPUnit\Framework\TestCase;
use StoneMill\Bake\Internal\Conductors;
use StoneMill\Bake\Internal\Exchange;
use StoneMill\Bake\Matter;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\Surround;
use StoneMill\Tests\Seeded;

/** What lets heat through a bread, and what its open face gives away. */
final class ConductorsTest extends TestCase
{
    public function test_a_layer_conducts_by_its_shares_of_solid_water_and_air_by_hand(): void
    {
        // 1 mm and 2 mm of a solid of 1,500 kg/m³ and 0.2 W/(m·K), half of each layer solid, a quarter water, a quarter air, at 0 °C:
        // 0.5 · 0.2 + 0.25 · 0.57109 + 0.25 · 0.03 = 0.25027 W/(m·K), so half of the first is 0.5 mm / 0.25027 = 1.998e-3 m²·K/W.
        $conductors = new Conductors(Matter::inert(1500, 2000, 0.2), 45.0, [1e-3, 2e-3], [0.75, 1.5]);
        $water = [0.25e-3 * 995.7, 0.5e-3 * 995.7];
        [$lower, $between, $upper] = $conductors->between([0.0, 0.0], $water, false);
        self::assertEqualsWithDelta(0.5e-3 / 0.2502725, $lower, 1e-9);
        self::assertEqualsWithDelta(1e-3 / 0.2502725, $upper, 1e-9);
        self::assertEqualsWithDelta(1 / ($lower + $upper), $between, 1e-9);
        // Warm water conducts better: 0.57109 + 1.7625e-3 · 80 − 6.7036e-6 · 80² = 0.66919 W/(m·K).
        [$warm] = $conductors->between([80.0, 80.0], $water, false);
        self::assertEqualsWithDelta(0.5e-3 / (0.5 * 0.2 + 0.25 * 0.6691870 + 0.25 * 0.03), $warm, 1e-8);
    }

    public function test_turned_over_it_is_the_same_bread_from_the_other_side_and_puffed_it_has_a_pocket_in_its_middle(): void
    {
        $seeded = new Seeded(73);
        $depths = (new Mesh(12))->layersOf(0.003);
        $dry = array_map(static fn (float $depth): float => $depth * $seeded->between(300, 700), $depths);
        $water = array_map(static fn (float $depth): float => $depth * $seeded->between(0, 600), $depths);
        $celsius = array_map(static fn (): float => $seeded->between(20, 150), $depths);
        $conductors = new Conductors(Matter::inert(1450, 1800, 0.25), 45.0, $depths, $dry);
        $between = $conductors->between($celsius, $water, false);
        self::assertCount(13, $between);
        self::assertEqualsWithDelta(array_reverse($between), $conductors->reversed()->between(array_reverse($celsius), array_reverse($water), false), 1e-9);
        $puffed = $conductors->between($celsius, $water, true);
        foreach ($puffed as $border => $conductance) {
            self::assertEqualsWithDelta($border === 6 ? 1 / (1 / $between[6] + 1 / 45) : $between[$border], $conductance, 1e-9);
        }
    }

    public function test_a_face_gives_what_its_line_says_where_that_touches_and_never_more_water_than_it_has(): void
    {
        $seeded = new Seeded(74);
        for ($case = 0; $case < 300; $case++) {
            $around = new Surround($seeded->between(15, 200), $seeded->between(4, 35), $seeded->between(15, 620), $seeded->between(0.001, 0.5), $seeded->between(0.3, 0.95));
            [$celsius, $waterPerDry, $most] = [$seeded->between(20, 140), $seeded->between(0.01, 2), $seeded->between(1e-6, 5e-3)];
            $exchange = Exchange::of($around, $celsius, $waterPerDry, $most);
            $given = $exchange->heat($celsius) + $exchange->vapour($celsius) * $exchange->vapourEnthalpy;
            self::assertEqualsWithDelta($given, $exchange->slope * $celsius - $exchange->source, 1e-6 * max(1000.0, abs($given)));
            foreach ([$celsius - 30, $celsius + 30, $celsius + 300] as $other) {
                self::assertLessThanOrEqual($most, $exchange->vapour($other));
            }
        }
    }
}
