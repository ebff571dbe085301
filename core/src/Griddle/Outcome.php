<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Colour;
use StoneMill\School\TurnSchool;

/** A finished bake held against what was wanted of it: every goal is reached, or its miss is said. */
final readonly class Outcome
{
    /** Brownness grows by e for so many kelvin more of metal, at the same loss: the model's own runs of the styles give 38 to 55. */
    private const COLOUR_KELVIN = 45.0;

    /** Nobody sets a knob finer. */
    private const STEP_CELSIUS = 5.0;

    private const NEAR_CELSIUS = 0.5;

    private const NEAR_LOSS = 0.005;

    private const NEAR_SHADE = 0.01;

    public function __construct(private PlannedBake $baked)
    {
    }

    /** @return list<Missed> in the order of their weight */
    public function missed(): array
    {
        return array_values(array_filter([...$this->baked->unset(), $this->middle(), $this->loss(), ...$this->shades(), $this->puff()]));
    }

    private function middle(): ?Missed
    {
        $celsius = $this->baked->hottestCentreCelsius();
        $wanted = $this->baked->laying->aim->doneCelsius;

        return $celsius < $wanted - self::NEAR_CELSIUS ? Missed::middle($celsius, $wanted, $this->slower()) : null;
    }

    private function loss(): ?Missed
    {
        $share = $this->baked->work->bake->lossShare();
        $band = $this->baked->laying->aim->losses;
        $beside = $this->baked->laying->aim->lossBeside;

        return match (true) {
            $share < $band->low - self::NEAR_LOSS => Missed::loss($share + $beside, $band->low + $beside, $this->isCapped(), $this->isCapped() ? $this->slower() : $this->heated($this->step())),
            $share > $band->high + self::NEAR_LOSS => Missed::loss($share + $beside, $band->high + $beside, false, null),
            default => null,
        };
    }

    /** @return list<Missed> */
    private function shades(): array
    {
        $band = $this->baked->laying->aim->shades;
        $faces = array_filter($this->baked->faces(), static fn (Face $face): bool => $face->contactSeconds > 0);
        usort($faces, static fn (Face $one, Face $other): int => $one->shade <=> $other->shade);
        $pale = array_values(array_filter($faces, static fn (Face $face): bool => $face->shade < $band->low - self::NEAR_SHADE));
        $dark = array_values(array_filter(array_reverse($faces), static fn (Face $face): bool => $face->shade > $band->high + self::NEAR_SHADE));

        return [
            ...($pale === [] ? [] : [Missed::shade($pale, $band->low, $this->towardsShade($pale[0]->shade))]),
            ...($dark === [] ? [] : [Missed::shade($dark, $band->high, $this->towardsShade($dark[0]->shade))]),
        ];
    }

    private function towardsShade(float $shade): ?Remedy
    {
        $wanted = Colour::ofShade($this->baked->laying->aim->shades->likely);

        return $this->heated(self::COLOUR_KELVIN * log($wanted / max(0.01, Colour::ofShade(min(0.95, $shade)))));
    }

    private function puff(): ?Missed
    {
        $laying = $this->baked->laying;

        return match (true) {
            ! $laying->aim->wantsPuff || $this->baked->work->bake->isPuffed() => null,
            $laying->thicknessMillimetres() > Griddling::PUFFS_UP_TO_MILLIMETRES => Missed::puff(sprintf('Above %.1f mm a bread does not open in the middle.', Griddling::PUFFS_UP_TO_MILLIMETRES)),
            default => Missed::puff('It does not puff: no press falls in the time when both faces hold steam.'),
        };
    }

    private function isCapped(): bool
    {
        $most = $this->baked->laying->aim->mostBrownness();
        foreach ($this->baked->work->bake->faces() as $face) {
            if ($face->spotBrownness >= 0.98 * $most) {
                return true;
            }
        }

        return false;
    }

    /** What cooks it through without more colour: a lid or the oven where the bread is turned so, else less heat. */
    private function slower(): ?Remedy
    {
        $laying = $this->baked->laying;
        foreach ([TurnSchool::BrownThenOven, TurnSchool::CoveredSlow] as $school) {
            if ($laying->usual->knows($school) && $laying->school !== $school && ! $laying->school->finishesInTheOven()) {
                return Remedy::school($school);
            }
        }

        return $this->heated(-$this->step());
    }

    private function step(): float
    {
        return 2 * self::STEP_CELSIUS;
    }

    private function heated(float $kelvin): ?Remedy
    {
        $now = $this->baked->laying->surfaceCelsius();
        $then = self::STEP_CELSIUS * round(($now + $kelvin) / self::STEP_CELSIUS);
        $then = max(SurfaceRange::LEAST_CELSIUS, min(SurfaceRange::MOST_CELSIUS, $then));

        return abs($then - $now) < 1 ? null : Remedy::heat($then);
    }
}
