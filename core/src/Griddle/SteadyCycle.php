<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Iron;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\RestingIron;
use StoneMill\Griddle\Exception\UnplannedSchool;
use StoneMill\Griddle\Internal\MetalResponse;
use StoneMill\School\TurnSchool;

/**
 * Load after load on one griddle. Wet bread takes more heat than air does, so the cook turns the flame up as the first piece is
 * laid, and keeps the bare metal at the heat that the bread wants. What is looked for is the flame that does it, and how hot the place
 * is that the piece before has left: those with which laying, baking, lifting and the gap of the hands come round to the same metal.
 * Where the flame is open and they do not, the round itself says what the metal can be held at. docs/model.md, "Load after load".
 */
final readonly class SteadyCycle
{
    /** From a lift to the next lay on the same place: lift, oil or wipe, lay, about 4 s each. Planning estimate. */
    public const GAP_SECONDS = 12.0;

    /** Nearer than this to what was wanted, a griddle holds its heat. */
    public const NEAR_KELVIN = 3.0;

    /** Rounds that are baked, each a step of Newton's: two or three where the flame can be turned up, more where it cannot. */
    private const MOST_ROUNDS = 8;

    /** A round that ends so near to where it began needs no other: the step that follows leaves less than a tenth of that, seldom a quarter. */
    private const CLOSED_KELVIN = 1.0;

    /** A griddle that cannot be held hotter than this bakes nothing. */
    private const LEAST_CELSIUS = 121.0;

    /**
     * @param float $wantedCelsius of the bare metal, whenever a piece is laid
     * @param float $bareCelsius what it comes to
     * @param float $laidCelsius of the place that the piece before left, at that moment
     * @param Iron $iron with the flame turned up
     * @param float $firstShare of the time on the metal that the first load takes: it is laid on places that nothing cooled yet
     */
    private function __construct(public float $wantedCelsius, public float $bareCelsius, public float $laidCelsius, public Iron $iron, public float $firstShare = 1.0)
    {
    }

    /**
     * The same laying in the stride of its griddle, each piece laid like the one before. A pan that goes under the broiler leaves nothing
     * behind for the next: it is laid in as it is.
     *
     * @throws UnplannedSchool If the style is not turned that way.
     */
    public static function settled(Laying $laying): Laying
    {
        return $laying->school === TurnSchool::BroilerThenOven ? $laying : $laying->inStride(self::of($laying));
    }

    /** Whether the bare metal stays as hot as was wanted. */
    public function holds(): bool
    {
        return $this->bareCelsius > $this->wantedCelsius - self::NEAR_KELVIN;
    }

    /** Of the empty metal: what the bare metal stands at under bread, without what it is known to sag. */
    public function heldCelsius(): float
    {
        return $this->bareCelsius - $this->iron->sagKelvin;
    }

    /** How many times the flame that holds the empty griddle: what the knob is turned up by. */
    public function flameTimes(float $roomCelsius): float
    {
        return $this->iron->power($this->bareCelsius, $roomCelsius) / max(1.0, $this->iron->idlePower($roomCelsius));
    }

    /** The same stride at another heat of the metal, for trying out; found anew once one is chosen. */
    public function around(float $celsius): self
    {
        $by = $celsius - $this->heldCelsius();

        return new self($celsius + $this->iron->sagKelvin, $this->bareCelsius + $by, $this->laidCelsius + $by, $this->iron->at($celsius)->turnedUpBy($this->iron->turnedUp), $this->firstShare);
    }

    private static function of(Laying $laying): self
    {
        $wanted = max(self::LEAST_CELSIUS, $laying->iron->setCelsius + $laying->iron->sagKelvin);
        $planner = new ModelTurnPlanner(Mesh::rough($laying->thicknessMillimetres()), Windows::Least);
        $fresh = $cycle = new self($wanted, $wanted, $wanted, self::guessed($laying, $wanted));
        $first = $planner->bake($laying->inStride($fresh));
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $baked = $round === 0 ? $first : $planner->bake($laying->inStride($cycle));
            $metal = clone $baked->metal;
            $metal->rest(self::GAP_SECONDS);
            $response = MetalResponse::over($laying->iron, $baked->liftedAtSeconds, self::GAP_SECONDS);
            $isClosed = $round > 0 && $cycle->comesRoundTo($metal);
            $last = $cycle;
            $cycle = $cycle->after($metal, $response, $laying->kitchen->roomCelsius);
            if ($isClosed) {
                break;
            }
        }
        if (! $cycle->holds()) {
            // The burner lets the bare metal sink: nothing is ever laid on metal as hot as was wanted.
            $fresh = $cycle->onFreshMetal();
            $first = $planner->bake($laying->inStride($fresh));
        }

        return $cycle->withFirst([$fresh, $first->liftedAtSeconds], [$last, $baked->liftedAtSeconds], $response);
    }

    /** With the flame that would keep the griddle hot under bread that boils for as long as practice bakes it, by the metal's own answer. */
    private static function guessed(Laying $laying, float $wanted): Iron
    {
        $room = $laying->kitchen->roomCelsius;
        $iron = $laying->iron->at($laying->iron->setCelsius);
        $seconds = $laying->practice()->liftSeconds;
        $response = MetalResponse::over($iron, $seconds, self::GAP_SECONDS);
        $moved = MetalResponse::toTaken(MetalResponse::ofBoilingBread($wanted, $room), $iron, $seconds, self::GAP_SECONDS);
        [, $flame] = self::solved([$response->ofPatch[0] - 1, $response->ofPatch[1]], $response->ofFlame, $moved);

        return $iron->turnedUpBy(max(0.0, min($flame, $iron->canTurnUpBy($wanted, $room))));
    }

    private function comesRoundTo(RestingIron $metal): bool
    {
        return abs($metal->celsius() - $this->laidCelsius) < self::CLOSED_KELVIN && abs($metal->bareCelsius() - $this->bareCelsius) < self::CLOSED_KELVIN;
    }

    /** As the first load meets it: no piece has cooled the place yet. */
    public function onFreshMetal(): self
    {
        return new self($this->wantedCelsius, $this->bareCelsius, $this->bareCelsius, $this->iron);
    }

    /**
     * The first and the last round were baked a little beside this one. What a kelvin of the metal is worth between those two tells how long
     * the first load and every later one take here.
     *
     * @param array{self, float} $first round on fresh metal, and seconds on it
     * @param array{self, float} $last
     */
    private function withFirst(array $first, array $last, MetalResponse $response): self
    {
        [$fresh, $firstSeconds] = $first;
        [$baked, $bakedSeconds] = $last;
        $hotter = static fn (float $celsius, Iron $iron, self $than): float => $response->hotterMeanwhile($celsius - $than->laidCelsius, $iron->turnedUp - $than->iron->turnedUp);
        $perKelvin = ($bakedSeconds - $firstSeconds) / min(-1.0, $hotter($baked->laidCelsius, $baked->iron, $fresh));
        $firstSeconds += $perKelvin * $hotter($this->bareCelsius, $this->iron, $fresh);
        $bakedSeconds += $perKelvin * $hotter($this->laidCelsius, $this->iron, $baked);

        return new self($this->wantedCelsius, $this->bareCelsius, $this->laidCelsius, $this->iron, min(1.0, $firstSeconds / $bakedSeconds));
    }

    /**
     * One step of Newton's towards a round that ends where it began. Where the flame can be turned up far enough, the flame and the
     * metal under the bread are looked for; where it cannot, that metal and the bare metal.
     */
    private function after(RestingIron $metal, MetalResponse $response, float $roomCelsius): self
    {
        $patch = [$response->ofPatch[0] - 1, $response->ofPatch[1]];
        $moved = $metal->celsius() - $this->laidCelsius;
        [$laid, $flame] = self::solved($patch, $response->ofFlame, [$moved, $metal->bareCelsius() - $this->wantedCelsius]);
        $flame += $this->iron->turnedUp;
        if ($flame <= $this->iron->canTurnUpBy($this->wantedCelsius, $roomCelsius)) {
            return $this->with($this->laidCelsius + $laid, $this->wantedCelsius, $flame);
        }
        [$laid, $bare] = self::solved($patch, [$response->ofBare[0], $response->ofBare[1] - 1], [$moved, $metal->bareCelsius() - $this->bareCelsius]);
        $bare = max(self::LEAST_CELSIUS, min($this->wantedCelsius, $this->bareCelsius + $bare));

        return $this->with($this->laidCelsius + $laid, $bare, $this->iron->canTurnUpBy($bare, $roomCelsius));
    }

    private function with(float $laid, float $bare, float $flame): self
    {
        return new self($this->wantedCelsius, $bare, max(self::LEAST_CELSIUS, min($bare, $laid)), $this->iron->turnedUpBy($flame));
    }

    /**
     * By Cramer's rule, the two steps that take away what is missing.
     *
     * @param array{float, float} $first what both move by for one of the first unknown
     * @param array{float, float} $second
     * @param array{float, float} $missing
     * @return array{float, float}
     */
    private static function solved(array $first, array $second, array $missing): array
    {
        $determinant = $first[0] * $second[1] - $second[0] * $first[1];

        return [
            -($missing[0] * $second[1] - $second[0] * $missing[1]) / $determinant,
            -($first[0] * $missing[1] - $missing[0] * $first[1]) / $determinant,
        ];
    }
}
