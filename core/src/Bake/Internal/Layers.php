<?php

declare(strict_types=1);

namespace StoneMill\Bake\Internal;

use StoneMill\Bake\Bread;
use StoneMill\Bake\Matter;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\Physics;
use StoneMill\Bake\Steam;

use function exp;
use function min;
use function sqrt;

/**
 * The bread as layers of a square metre, the lowest first. Enthalpy and water are what is stored; temperatures follow from them.
 * All that crosses a border is taken from one side and given to the other.
 */
final class Layers
{
    private const AIR_CONDUCTIVITY = 0.03;

    /** Above this in °C nothing is left to diffuse. */
    private const HOTTEST = 450;

    /** Activation energy of the liquid's diffusion over the gas constant, within what is published for starch pastes. */
    private const DIFFUSIVITY_KELVIN = 3000.0;

    /** @var array<int, float> m */
    public array $depth;

    /** @var array<int, float> kg dry matter per m² */
    public array $dry;

    /** @var array<int, float> kg water per m² */
    public array $water;

    /** @var array<int, float> J per m² from 0 °C */
    public array $enthalpy;

    /** @var array<int, float> */
    public array $celsius;

    /** @var array<int, float> highest temperature so far */
    public array $peak;

    public readonly int $last;

    /** @var array<int, float> J/(m²·K) that a boiling layer takes beyond its own heat to follow its boiling point; 0 where none boils */
    private array $boiling;

    private bool $anyBoils = false;

    /** @var array<int, float> W/m² that each layer had from caught steam in the last step */
    private array $fromSteam;

    /** @var array<int, float> nothing of each layer */
    private readonly array $none;

    /** @var array<int, float> m²/s by whole °C */
    private readonly array $diffusivity;

    private readonly float $dryPerCubicMetre;

    /** @var array<int, float> share of passing steam that a cooler layer catches */
    private array $catches;

    public function __construct(private readonly Matter $matter, private readonly Physics $physics, Bread $bread, Mesh $mesh)
    {
        $dry = $matter->dryPerCubicMetre();
        $this->dryPerCubicMetre = $dry;
        $this->depth = $mesh->layersOf($bread->thicknessMillimetres / 1000);
        $this->last = $mesh->layers - 1;
        $this->dry = array_map(static fn (float $depth): float => $depth * $dry, $this->depth);
        $this->water = array_map(static fn (float $each): float => $each * $matter->waterPerDry, $this->dry);
        $this->celsius = array_fill(0, $mesh->layers, $bread->celsius);
        $this->peak = $this->celsius;
        $this->none = array_fill(0, $mesh->layers, 0.0);
        $this->boiling = $this->none;
        $this->fromSteam = $this->none;
        [$a, $b] = $matter->solidHeat;
        $t = $bread->celsius;
        $this->enthalpy = array_map(
            static fn (float $dry, float $water): float => $dry * $t * ($a + 0.5 * $b * $t) + $water * Steam::liquidEnthalpy($t),
            $this->dry,
            $this->water,
        );
        $this->catches = array_map(static fn (float $depth): float => 1 - exp(-$depth / $physics->catchDepth), $this->depth);
        $this->diffusivity = self::diffusivities($physics->diffusivity);
    }

    public function reverse(): void
    {
        $this->depth = array_reverse($this->depth);
        $this->catches = array_reverse($this->catches);
        $this->dry = array_reverse($this->dry);
        $this->water = array_reverse($this->water);
        $this->enthalpy = array_reverse($this->enthalpy);
        $this->celsius = array_reverse($this->celsius);
        $this->peak = array_reverse($this->peak);
        $this->boiling = array_reverse($this->boiling);
        // Steam comes from the other side now.
        $this->fromSteam = $this->none;
    }

    /** In kg water per kg dry matter. */
    public function waterPerDry(int $layer): float
    {
        return $this->water[$layer] / $this->dry[$layer];
    }

    public function wet(int $layer, float $kilogram, float $joule): void
    {
        $this->water[$layer] += $kilogram;
        $this->enthalpy[$layer] += $joule;
        $this->celsius[$layer] = $this->celsiusOf($layer);
    }

    /**
     * Half resistance of the lowest layer, then the conductances between neighbours, then the half resistance of the
     * highest; in m²·K/W and its inverse.
     *
     * @return array<int, float>
     */
    public function conductances(bool $puffed): array
    {
        [$a, $b] = $this->matter->solidConductivity;
        $solid = 1 / $this->matter->solidKilogramPerCubicMetre;
        $liquid = 1 / Matter::waterDensity();
        $celsius = $this->celsius;
        $water = $this->water;
        $dry = $this->dry;
        $all = [];
        $before = 0.0;
        foreach ($this->depth as $i => $depth) {
            $t = $celsius[$i];
            $solidDepth = $dry[$i] * $solid;
            $waterDepth = $water[$i] * $liquid;
            // Side by side, each with its share of the volume: Choi and Okos' mixture; what water leaves behind is air.
            $conductivity = $solidDepth * ($a + $b * $t) + $waterDepth * (0.57109 + $t * (1.7625e-3 - 6.7036e-6 * $t))
                + ($depth - $solidDepth - $waterDepth) * self::AIR_CONDUCTIVITY;
            $half = 0.5 * $depth * $depth / $conductivity;
            $all[] = $i === 0 ? $half : 1 / ($before + $half);
            $before = $half;
        }
        $all[] = $before;
        if ($puffed) {
            $middle = intdiv($this->last + 1, 2);
            $all[$middle] = 1 / (1 / $all[$middle] + 1 / $this->physics->pocket);
        }

        return $all;
    }

    /**
     * Temperatures after heat alone has flowed for a while: backward Euler over metal and layers, a tridiagonal system
     * solved by elimination. A boiling layer counts with what it takes to follow its boiling point, one that catches steam with
     * the heat that steam last brought: it flows on within the step, and leaves room for as much again.
     *
     * @param array{float, float} $metal diagonal and right-hand side of the metal's row, without the contact
     * @param float $contact W/(m²·K) between metal and lowest layer; 0 where an open face is below
     * @param array<int, float> $between
     * @return array<int, float> the metal's first
     */
    public function conducted(float $dt, array $metal, float $contact, array $between, Exchange $above, ?Exchange $below): array
    {
        [$a, $b] = $this->matter->solidHeat;
        [$la, $lb] = Steam::LIQUID_HEAT;
        $water = $this->water;
        $dry = $this->dry;
        $boiling = $this->boiling;
        $fromSteam = $this->fromSteam;
        $last = $this->last;
        $pivot = $metal[0] + $contact;
        $ratio = [$contact / $pivot];
        $value = [$metal[1] / $pivot];
        $lower = $contact;
        foreach ($this->celsius as $i => $t) {
            $capacity = ($dry[$i] * ($a + $b * $t) + $water[$i] * ($la + $lb * $t) + $boiling[$i]) / $dt;
            $upper = $i < $last ? $between[$i + 1] : 0.0;
            $pivot = $capacity + $lower + $upper;
            $right = $capacity * $t + $fromSteam[$i];
            if ($i === $last) {
                $pivot += $above->slope();
                $right += $above->source();
            } elseif ($i === 0 && $below !== null) {
                $pivot += $below->slope();
                $right += $below->source();
            }
            $pivot -= $lower * $ratio[$i];
            $ratio[] = $upper / $pivot;
            $value[] = ($right + $lower * $value[$i]) / $pivot;
            $lower = $upper;
        }
        for ($i = $last; $i >= 0; $i--) {
            $value[$i] += $ratio[$i] * $value[$i + 1];
        }

        return $this->anyBoils && $this->stopBoilingWhatCannot($value) ? $this->conducted($dt, $metal, $contact, $between, $above, $below) : $value;
    }

    /**
     * A layer that loses heat has only its own to lose, not what it took to boil; and what it takes to boil ends with its water.
     *
     * @param array<int, float> $value
     * @return bool whether there was such a one
     */
    private function stopBoilingWhatCannot(array $value): bool
    {
        $any = false;
        foreach ($this->boiling as $i => $boiling) {
            if ($boiling > 0.0) {
                $taken = $boiling * ($value[$i + 1] - $this->celsius[$i]);
                if ($taken < 0.0 || $taken > 0.5 * $this->water[$i] * Steam::LATENT[0]) {
                    $this->boiling[$i] = 0.0;
                    $any = true;
                }
            }
        }

        return $any;
    }

    /**
     * Moves the heat that these temperatures make flow, and the water that diffuses with its own heat.
     *
     * @param array<int, float> $between
     * @param array<int, float> $new temperatures, the metal's first
     * @param float $heatBelow J that enter from below
     * @param float $waterBelow kg that enter from below
     * @param float $heatAbove J that leave above
     * @param float $waterAbove kg that leave above
     */
    public function flow(float $dt, array $between, array $new, float $heatBelow, float $waterBelow, float $heatAbove, float $waterAbove): void
    {
        [$la, $lb] = Steam::LIQUID_HEAT;
        $diffusivity = $this->diffusivity;
        $density = $this->dryPerCubicMetre;
        $celsius = $this->celsius;
        $water = $this->water;
        $before = $water;
        $dry = $this->dry;
        $depth = $this->depth;
        $last = $this->last;
        $inHeat = $heatBelow;
        $inWater = $waterBelow;
        $enthalpy = $this->enthalpy;
        for ($i = 0; $i <= $last; $i++) {
            $heat = $heatAbove;
            $moved = $waterAbove;
            if ($i < $last) {
                $next = $i + 1;
                $gradient = ($before[$i] / $dry[$i] - $before[$next] / $dry[$next]) * 2 / ($depth[$i] + $depth[$next]);
                $degree = (int) (0.5 * ($celsius[$i] + $celsius[$next]));
                $moved = $dt * $density * $diffusivity[$degree > self::HOTTEST ? self::HOTTEST : $degree] * $gradient;
                $from = $moved > 0 ? $i : $next;
                $most = 0.2 * $before[$from];
                $moved = $moved > $most ? $most : ($moved < -$most ? -$most : $moved);
                $carrier = $celsius[$from];
                $heat = $dt * $between[$next] * ($new[$next] - $new[$next + 1]) + $moved * $carrier * ($la + 0.5 * $lb * $carrier);
            }
            $enthalpy[$i] += $inHeat - $heat;
            $water[$i] += $inWater - $moved;
            $inHeat = $heat;
            $inWater = $moved;
        }
        $this->enthalpy = $enthalpy;
        $this->water = $water;
    }

    /**
     * Boils what is hotter than its boiling point. The steam goes up and, by a share, down; cooler layers on its way catch
     * some of it until they boil themselves.
     *
     * @param float $rim share of the steam that goes down
     * @return array{float, float} kg and J that leave
     */
    public function boil(float $dt, float $rim): array
    {
        [$a, $b] = $this->matter->solidHeat;
        [$la, $lb] = Steam::LIQUID_HEAT;
        [$l0, $l1] = Steam::LATENT;
        $catches = $this->catches;
        $table = Steam::boilingTable();
        $end = count($table) - 2;
        $water = $this->water;
        $enthalpy = $this->enthalpy;
        $celsius = $this->celsius;
        $peak = $this->peak;
        $boiling = $down = $downHeat = $fromSteam = $this->none;
        $anyBoils = false;
        $up = 0.0;
        $upHeat = 0.0;
        foreach ($this->dry as $i => $dry) {
            $w = $water[$i];
            $h = $enthalpy[$i];
            $c0 = $dry * $a + $w * $la;
            $c1 = $dry * $b + $w * $lb;
            $t = (sqrt($c0 * $c0 + 2 * $c1 * $h) - $c0) / $c1;
            // Too cold to boil, and no steam comes by.
            if ($t < Steam::LEAST_BOILING && $up <= 1e-12) {
                $celsius[$i] = $t;
                $peak[$i] = $t > $peak[$i] ? $t : $peak[$i];

                continue;
            }
            $x = $w / $dry * Steam::TABLE_STEPS;
            $entry = $x >= $end ? $end : (int) $x;
            $fall = $table[$entry] - $table[$entry + 1];
            $boils = $table[$entry] - $fall * ($x - $entry);
            $isMoved = false;
            if ($t > $boils && $w > 1e-9) {
                $isMoved = $anyBoils = true;
                $latent = $l0 - $l1 * $boils;
                $steepness = $fall * Steam::TABLE_STEPS / $dry;
                // As it dries its boiling point climbs: the excess heats the layer along that curve.
                $gone = ($h - $boils * ($c0 + 0.5 * $c1 * $boils)) / ($latent + ($c0 + $c1 * $boils) * $steepness);
                $gone = $gone > 0.5 * $w ? 0.5 * $w : $gone;
                $boiling[$i] = $latent / ($steepness + 1e-9);
                $carried = $gone * ($boils * ($la + 0.5 * $lb * $boils) + $latent);
                $w -= $gone;
                $h -= $carried;
                $down[$i] = $rim * $gone;
                $downHeat[$i] = $rim * $carried;
                $up += $gone - $down[$i];
                $upHeat += $carried - $downHeat[$i];
            } elseif ($up > 1e-12 && $t < $boils) {
                $isMoved = true;
                $each = $upHeat / $up;
                $room = ($boils * ($c0 + 0.5 * $c1 * $boils) - $h) / ($each - $boils * ($la + 0.5 * $lb * $boils));
                $caught = $up * $catches[$i];
                $caught = $caught > $room ? $room : $caught;
                $w += $caught;
                $h += $caught * $each;
                $fromSteam[$i] = $caught * ($each - $t * ($la + 0.5 * $lb * $t)) / $dt;
                $up -= $caught;
                $upHeat -= $caught * $each;
            }
            if ($isMoved) {
                $c0 = $dry * $a + $w * $la;
                $c1 = $dry * $b + $w * $lb;
                $t = (sqrt($c0 * $c0 + 2 * $c1 * $h) - $c0) / $c1;
                $enthalpy[$i] = $h;
                $water[$i] = $w;
            }
            $celsius[$i] = $t;
            $peak[$i] = $t > $peak[$i] ? $t : $peak[$i];
        }
        $this->celsius = $celsius;
        $this->enthalpy = $enthalpy;
        $this->water = $water;
        $this->peak = $peak;
        $this->boiling = $boiling;
        $this->anyBoils = $anyBoils;
        $this->fromSteam = $fromSteam;
        [$rimWater, $rimHeat] = $rim > 0 && $anyBoils ? $this->sink($dt, $down, $downHeat) : [0.0, 0.0];

        return [$up + $rimWater, $upHeat + $rimHeat];
    }

    /**
     * Steam that goes down, caught on its way by cooler layers.
     *
     * @param array<int, float> $down kg from each layer
     * @param array<int, float> $downHeat
     * @return array{float, float} kg and J that leave below
     */
    private function sink(float $dt, array $down, array $downHeat): array
    {
        $steam = 0.0;
        $heat = 0.0;
        $table = Steam::boilingTable();
        $end = count($table) - 1;
        for ($i = $this->last; $i >= 0; $i--) {
            $steam += $down[$i];
            $heat += $downHeat[$i];
            if ($steam <= 1e-12 || $down[$i] !== 0.0) {
                continue;
            }
            $below = $table[min($end, (int) ($this->water[$i] / $this->dry[$i] * Steam::TABLE_STEPS))] - $this->celsius[$i];
            if ($below > 0.5) {
                $caught = $steam * $this->catches[$i];
                // Half of what would bring it to its boiling point, so that it never passes it.
                $caught = min($caught, 0.5 * $below * 3000 * ($this->dry[$i] + $this->water[$i]) / Steam::LATENT[0]);
                $carried = $caught * $heat / $steam;
                $this->fromSteam[$i] += ($carried - $caught * Steam::liquidEnthalpy($this->celsius[$i])) / $dt;
                $this->wet($i, $caught, $carried);
                $heat -= $carried;
                $steam -= $caught;
            }
        }

        return [$steam, $heat];
    }

    private function celsiusOf(int $layer): float
    {
        [$a, $b] = $this->matter->solidHeat;
        [$la, $lb] = Steam::LIQUID_HEAT;
        $c0 = $this->dry[$layer] * $a + $this->water[$layer] * $la;
        $c1 = $this->dry[$layer] * $b + $this->water[$layer] * $lb;

        return (sqrt($c0 * $c0 + 2 * $c1 * $this->enthalpy[$layer]) - $c0) / $c1;
    }

    /** @return array<int, float> by whole °C */
    private static function diffusivities(float $atSixty): array
    {
        /** @var array<int, float>|null $shape */
        static $shape = null;
        $shape ??= array_map(
            static fn (int $celsius): float => exp(self::DIFFUSIVITY_KELVIN * (1 / 333.15 - 1 / ($celsius + 273.15))),
            range(0, self::HOTTEST),
        );

        return array_map(static fn (float $each): float => $atSixty * $each, $shape);
    }
}
