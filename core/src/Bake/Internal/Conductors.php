<?php

declare(strict_types=1);

namespace StoneMill\Bake\Internal;

use StoneMill\Bake\Matter;

/**
 * How well the layers conduct, the lowest first. In a layer solid, water and air lie side by side, each with its share of the
 * volume (Choi and Okos 1986); what water leaves behind is air. Depth times conductivity is then a sum over the three, in W/K.
 */
final class Conductors
{
    private const AIR_CONDUCTIVITY = 0.03;

    /** Of liquid water in W/(m·K) as a + b·T + c·T²: Choi and Okos (1986). */
    private const WATER_CONDUCTIVITY = [0.57109, 1.7625e-3, -6.7036e-6];

    /** @var array<int, float> half of the square of each layer's depth, m² */
    private array $halfSquare;

    /** @var array<int, float> of each layer's solid and air at 0 °C, with air in the place of its water */
    private array $dry;

    /** @var array<int, float> by how much more for each °C */
    private array $dryWarmer;

    /** @var array{float, float, float} of a kilogram of water in the place of air on each square metre, as a + b·T + c·T² */
    private readonly array $water;

    /**
     * @param float $pocket W/(m²·K) through the steam of a puffed bread
     * @param array<int, float> $depths m
     * @param array<int, float> $dryMatter kg on each square metre
     */
    public function __construct(Matter $matter, private readonly float $pocket, array $depths, array $dryMatter)
    {
        $this->halfSquare = array_map(static fn (float $depth): float => 0.5 * $depth * $depth, $depths);
        [$a, $b] = $matter->solidConductivity;
        $perKilogram = 1 / $matter->solidKilogramPerCubicMetre;
        $this->dry = array_map(
            static fn (float $depth, float $dry): float => $depth * self::AIR_CONDUCTIVITY + $dry * $perKilogram * ($a - self::AIR_CONDUCTIVITY),
            $depths,
            $dryMatter,
        );
        $this->dryWarmer = array_map(static fn (float $dry): float => $dry * $perKilogram * $b, $dryMatter);
        [$a, $b, $c] = self::WATER_CONDUCTIVITY;
        $perKilogram = 1 / Matter::waterDensity();
        $this->water = [$perKilogram * ($a - self::AIR_CONDUCTIVITY), $perKilogram * $b, $perKilogram * $c];
    }

    public function reversed(): self
    {
        $reversed = clone $this;
        $reversed->halfSquare = array_reverse($this->halfSquare);
        $reversed->dry = array_reverse($this->dry);
        $reversed->dryWarmer = array_reverse($this->dryWarmer);

        return $reversed;
    }

    /**
     * Half resistance of the lowest layer, then the conductances between neighbours, then the half resistance of the
     * highest; in m²·K/W and its inverse.
     *
     * @param array<int, float> $celsius
     * @param array<int, float> $water kg on each square metre
     * @return array<int, float>
     */
    public function between(array $celsius, array $water, bool $puffed): array
    {
        $warmer = $this->dryWarmer;
        $halfSquare = $this->halfSquare;
        [$a, $b, $c] = $this->water;
        $all = [];
        $before = 0.0;
        foreach ($this->dry as $i => $dry) {
            $t = $celsius[$i];
            $half = $halfSquare[$i] / ($dry + $warmer[$i] * $t + $water[$i] * ($a + $t * ($b + $c * $t)));
            $all[] = $i === 0 ? $half : 1 / ($before + $half);
            $before = $half;
        }
        $all[] = $before;
        if ($puffed) {
            $middle = intdiv(count($this->dry), 2);
            $all[$middle] = 1 / (1 / $all[$middle] + 1 / $this->pocket);
        }

        return $all;
    }
}
