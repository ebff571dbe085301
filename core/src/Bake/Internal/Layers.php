<?php

declare(strict_types=1);

namespace StoneMill\Bake\Internal;

use StoneMill\Bake\LaidBread;
use StoneMill\Bake\Matter;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\Physics;
use StoneMill\Bake\Steam;

use function count;
use function exp;
use function sqrt;

/**
 * The bread as layers of a square metre, the lowest first. Enthalpy and water are what is stored; temperatures follow from them.
 * All that crosses a border is taken from one side and given to the other.
 */
final class Layers
{
    /** Above this in °C nothing is left to diffuse. */
    private const HOTTEST = 450;

    /** Activation energy of the liquid's diffusion over the gas constant, within what is published for starch pastes. */
    private const DIFFUSIVITY_KELVIN = 3000.0;

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

    /** @var array<int, float> J/(m²·K) of each layer as it is: c0 + c1·T, which is the root by which T follows from the enthalpy c0·T + c1·T²/2 */
    private array $capacity;

    public readonly int $last;

    /** @var array<int, float> J/(m²·K) that a boiling layer takes beyond its own heat to follow its boiling point; 0 where none boils */
    private array $boiling;

    private bool $anyBoils = false;

    /** @var array<int, float> W/m² that each layer had from caught steam in the last step */
    private array $fromSteam;

    /** @var array<int, float> nothing of each layer */
    private readonly array $none;

    /** @var array<int, float>|null by whole °C, over the one at 60 °C; worked out once a run */
    private static ?array $diffusivityShape = null;

    /** @var array<int, float> m²/s by whole °C */
    private readonly array $diffusivity;

    private readonly float $dryPerCubicMetre;

    /** @var array<int, float> share of passing steam that a cooler layer catches */
    private array $catches;

    /** @var array<int, float> 1/m between the middles of a layer and the next */
    private array $steep;

    private Conductors $conductors;

    public function __construct(private readonly Matter $matter, Physics $physics, LaidBread $bread, Mesh $mesh)
    {
        $this->dryPerCubicMetre = $matter->dryPerCubicMetre();
        $depths = $mesh->layersOf($bread->thicknessMillimetres / 1000);
        $this->last = $mesh->layers - 1;
        $this->dry = array_map(fn (float $depth): float => $depth * $this->dryPerCubicMetre, $depths);
        $this->water = array_map(static fn (float $each): float => $each * $matter->waterPerDry, $this->dry);
        $this->celsius = array_fill(0, $mesh->layers, $bread->celsius);
        $this->peak = $this->celsius;
        $this->none = array_fill(0, $mesh->layers, 0.0);
        $this->boiling = $this->none;
        $this->fromSteam = $this->none;
        [$a, $b] = $matter->solidHeat;
        [$la, $lb] = Steam::LIQUID_HEAT;
        $t = $bread->celsius;
        $this->enthalpy = array_map(
            static fn (float $dry, float $water): float => $dry * $t * ($a + 0.5 * $b * $t) + $water * Steam::liquidEnthalpy($t),
            $this->dry,
            $this->water,
        );
        $this->capacity = array_map(static fn (float $dry, float $water): float => $dry * ($a + $b * $t) + $water * ($la + $lb * $t), $this->dry, $this->water);
        $this->catches = array_map(static fn (float $depth): float => 1 - exp(-$depth / $physics->catchDepth), $depths);
        $this->steep = array_map(static fn (float $depth, float $next): float => 2 / ($depth + $next), array_slice($depths, 0, -1), array_slice($depths, 1));
        $this->conductors = new Conductors($matter, $physics->pocket, $depths, $this->dry);
        $this->diffusivity = self::diffusivities($physics->diffusivity);
    }

    public function reverse(): void
    {
        $this->steep = array_reverse($this->steep);
        $this->conductors = $this->conductors->reversed();
        $this->catches = array_reverse($this->catches);
        $this->dry = array_reverse($this->dry);
        $this->water = array_reverse($this->water);
        $this->enthalpy = array_reverse($this->enthalpy);
        $this->capacity = array_reverse($this->capacity);
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
        [$a, $b] = $this->matter->solidHeat;
        [$la, $lb] = Steam::LIQUID_HEAT;
        $c0 = $this->dry[$layer] * $a + $this->water[$layer] * $la;
        $c1 = $this->dry[$layer] * $b + $this->water[$layer] * $lb;
        $this->capacity[$layer] = sqrt($c0 * $c0 + 2 * $c1 * $this->enthalpy[$layer]);
        $this->celsius[$layer] = ($this->capacity[$layer] - $c0) / $c1;
    }

    /**
     * Half resistance of the lowest layer, then the conductances between neighbours, then the half resistance of the
     * highest; in m²·K/W and its inverse.
     *
     * @return array<int, float>
     */
    public function conductances(bool $puffed): array
    {
        return $this->conductors->between($this->celsius, $this->water, $puffed);
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
        $capacities = $this->capacity;
        $boiling = $this->boiling;
        $sources = $this->fromSteam;
        $slopes = $this->none;
        $last = $this->last;
        $sources[$last] += $above->source;
        $slopes[$last] = $above->slope;
        if ($below !== null) {
            $sources[0] += $below->source;
            $slopes[0] = $below->slope;
        }
        // There is no layer beyond the last.
        $between[$last + 1] = 0.0;
        $pivot = $metal[0] + $contact;
        $ratio = [$contact / $pivot];
        $value = [$metal[1] / $pivot];
        $lower = $contact;
        foreach ($this->celsius as $i => $t) {
            $capacity = ($capacities[$i] + $boiling[$i]) / $dt;
            $upper = $between[$i + 1];
            $pivot = $capacity + $slopes[$i] + $upper + $lower - $lower * $ratio[$i];
            $ratio[] = $upper / $pivot;
            $value[] = ($capacity * $t + $sources[$i] + $lower * $value[$i]) / $pivot;
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
        $density = $dt * $this->dryPerCubicMetre;
        $celsius = $this->celsius;
        $water = $this->water;
        $enthalpy = $this->enthalpy;
        $dry = $this->dry;
        $steep = $this->steep;
        $last = $this->last;
        $inHeat = $heatBelow;
        $inWater = $waterBelow;
        $has = $water[0];
        $share = $has / $dry[0];
        $t = $celsius[0];
        for ($i = 0, $next = 1; $i < $last; $i = $next++) {
            $nextHas = $water[$next];
            $nextShare = $nextHas / $dry[$next];
            $nextT = $celsius[$next];
            $degree = (int) (0.5 * ($t + $nextT));
            $moved = $density * $diffusivity[$degree > self::HOTTEST ? self::HOTTEST : $degree] * ($share - $nextShare) * $steep[$i];
            if ($moved > 0) {
                $most = 0.2 * $has;
                $moved = $moved > $most ? $most : $moved;
                $carrier = $t;
            } else {
                $most = -0.2 * $nextHas;
                $moved = $moved < $most ? $most : $moved;
                $carrier = $nextT;
            }
            $heat = $dt * $between[$next] * ($new[$next] - $new[$next + 1]) + $moved * $carrier * ($la + 0.5 * $lb * $carrier);
            $enthalpy[$i] += $inHeat - $heat;
            $water[$i] = $has + $inWater - $moved;
            $inHeat = $heat;
            $inWater = $moved;
            $has = $nextHas;
            $share = $nextShare;
            $t = $nextT;
        }
        $enthalpy[$last] += $inHeat - $heatAbove;
        $water[$last] += $inWater - $waterAbove;
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
        $capacity = $this->capacity;
        $peak = $this->peak;
        $boiling = $down = $downHeat = $fromSteam = $this->none;
        $anyBoils = false;
        $least = Steam::LEAST_BOILING;
        $up = 0.0;
        $upHeat = 0.0;
        foreach ($this->dry as $i => $dry) {
            $w = $water[$i];
            $h = $enthalpy[$i];
            $c0 = $dry * $a + $w * $la;
            $c1 = $dry * $b + $w * $lb;
            // Hot enough to boil, or steam comes by.
            if ($up > 1e-12 || $h >= $least * ($c0 + 0.5 * $c1 * $least)) {
                $x = $w / $dry * Steam::TABLE_STEPS;
                $entry = $x >= $end ? $end : (int) $x;
                $fall = $table[$entry] - $table[$entry + 1];
                $boils = $table[$entry] - $fall * ($x - $entry);
                $liquid = $boils * ($la + 0.5 * $lb * $boils);
                // J that it has beyond those that bring it to its boiling point.
                $excess = $h - $boils * ($c0 + 0.5 * $c1 * $boils);
                if ($excess > 0.0) {
                    if ($w > 1e-9) {
                        $anyBoils = true;
                        $latent = $l0 - $l1 * $boils;
                        $steepness = $fall * Steam::TABLE_STEPS / $dry;
                        // As it dries its boiling point climbs: the excess heats the layer along that curve.
                        $gone = $excess / ($latent + ($c0 + $c1 * $boils) * $steepness);
                        $gone = $gone > 0.5 * $w ? 0.5 * $w : $gone;
                        $boiling[$i] = $latent / ($steepness + 1e-9);
                        $carried = $gone * ($liquid + $latent);
                        $water[$i] = $w -= $gone;
                        $enthalpy[$i] = $h -= $carried;
                        $down[$i] = $sinks = $rim * $gone;
                        $downHeat[$i] = $heatSinks = $rim * $carried;
                        $up += $gone - $sinks;
                        $upHeat += $carried - $heatSinks;
                    }
                } elseif ($up > 1e-12) {
                    $each = $upHeat / $up;
                    $room = -$excess / ($each - $liquid);
                    $caught = $up * $catches[$i];
                    $caught = $caught > $room ? $room : $caught;
                    $t = (sqrt($c0 * $c0 + 2 * $c1 * $h) - $c0) / $c1;
                    $fromSteam[$i] = $caught * ($each - $t * ($la + 0.5 * $lb * $t)) / $dt;
                    $water[$i] = $w += $caught;
                    $enthalpy[$i] = $h += $caught * $each;
                    $up -= $caught;
                    $upHeat -= $caught * $each;
                }
                $c0 = $dry * $a + $w * $la;
                $c1 = $dry * $b + $w * $lb;
            }
            $capacity[$i] = $now = sqrt($c0 * $c0 + 2 * $c1 * $h);
            $celsius[$i] = $t = ($now - $c0) / $c1;
            if ($t > $peak[$i]) {
                $peak[$i] = $t;
            }
        }
        $this->celsius = $celsius;
        $this->capacity = $capacity;
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
        [$a, $b] = $this->matter->solidHeat;
        [$la, $lb] = Steam::LIQUID_HEAT;
        $latent = Steam::LATENT[0];
        $table = Steam::boilingTable();
        $end = count($table) - 1;
        $catches = $this->catches;
        $water = $this->water;
        $enthalpy = $this->enthalpy;
        $celsius = $this->celsius;
        $capacity = $this->capacity;
        $fromSteam = $this->fromSteam;
        $steam = 0.0;
        $heat = 0.0;
        for ($i = $this->last; $i >= 0; $i--) {
            $steam += $down[$i];
            $heat += $downHeat[$i];
            if ($steam <= 1e-12 || $down[$i] !== 0.0) {
                continue;
            }
            $dry = $this->dry[$i];
            $w = $water[$i];
            $t = $celsius[$i];
            $entry = (int) ($w / $dry * Steam::TABLE_STEPS);
            $below = $table[$entry > $end ? $end : $entry] - $t;
            if ($below > 0.5) {
                $caught = $steam * $catches[$i];
                // Half of what would bring it to its boiling point, so that it never passes it.
                $most = 0.5 * $below * 3000 * ($dry + $w) / $latent;
                $caught = $caught > $most ? $most : $caught;
                $carried = $caught * $heat / $steam;
                $fromSteam[$i] += ($carried - $caught * $t * ($la + 0.5 * $lb * $t)) / $dt;
                $w += $caught;
                $h = $enthalpy[$i] + $carried;
                $c0 = $dry * $a + $w * $la;
                $c1 = $dry * $b + $w * $lb;
                $capacity[$i] = sqrt($c0 * $c0 + 2 * $c1 * $h);
                $celsius[$i] = ($capacity[$i] - $c0) / $c1;
                $water[$i] = $w;
                $enthalpy[$i] = $h;
                $heat -= $carried;
                $steam -= $caught;
            }
        }
        $this->water = $water;
        $this->enthalpy = $enthalpy;
        $this->celsius = $celsius;
        $this->capacity = $capacity;
        $this->fromSteam = $fromSteam;

        return [$steam, $heat];
    }

    /** @return array<int, float> by whole °C */
    private static function diffusivities(float $atSixty): array
    {
        self::$diffusivityShape ??= array_map(
            static fn (int $celsius): float => exp(self::DIFFUSIVITY_KELVIN * (1 / 333.15 - 1 / ($celsius + 273.15))),
            range(0, self::HOTTEST),
        );

        return array_map(static fn (float $each): float => $atSixty * $each, self::$diffusivityShape);
    }
}
