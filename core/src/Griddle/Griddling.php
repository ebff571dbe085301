<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Above;
use StoneMill\Bake\BakeUnderWay;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\Physics;
use StoneMill\School\Grease;
use StoneMill\School\PanStart;
use StoneMill\School\TurnAction;
use StoneMill\School\TurnSchool;

/** One bread in a cook's hands: laid as the school lays it, touched, and finished. */
final class Griddling
{
    /** Water brushed on a bread that is wetted on top, kg per m². Planning estimate: a wet hand. */
    private const WET_TOP = 0.03;

    private const PRESS_SECONDS = 5.0;

    /** Thicker breads do not open in the middle. */
    public const PUFFS_UP_TO_MILLIMETRES = 4.5;

    /** A face holds steam once it has given up this share of its water. */
    private const SEALED_SHARE = 0.35;

    private const STEAM_CELSIUS = 98.0;

    /** Below this share of its first water the middle is too dry to puff. */
    private const MOIST_SHARE = 0.55;

    private const LEAST_STEP = 0.05;

    /** What a pan would come to on the warm shelf of an oven under its broiler. */
    private const OFF_THE_BURNER_CELSIUS = 120.0;

    /** From when to when a press would have made it puff, in seconds since it was laid; null where it never would. */
    public ?float $puffFromSeconds = null;

    public ?float $puffToSeconds = null;

    /** @var list<TouchState> how the bread stood at each touch */
    public array $touched = [];

    private function __construct(public BakeUnderWay $bake, private readonly Laying $laying)
    {
    }

    public function __clone()
    {
        $this->bake = clone $this->bake;
    }

    public static function lay(Laying $laying, ?Mesh $mesh = null, ?float $patchCelsius = null, Physics $physics = new Physics, ?float $bareCelsius = null): self
    {
        if ($laying->skipsTheHob()) {
            $patchCelsius = $bareCelsius = $laying->finish->pan === PanStart::Heated ? $laying->kitchen->ovenCelsius : $laying->kitchen->roomCelsius;
        }
        $patchCelsius ??= $laying->stride?->laidCelsius;
        $bareCelsius ??= $laying->stride?->bareCelsius;
        $bake = BakeUnderWay::begin($laying->bread, $laying->iron, $laying->kitchen, $mesh, $patchCelsius, $physics, $bareCelsius);
        if ($laying->grease === Grease::Wiped) {
            $bake->oilBelow();
        }
        if ($laying->grease === Grease::WetTop) {
            $bake->wetTop(self::WET_TOP);
        }
        if ($laying->school === TurnSchool::CoveredSlow) {
            $bake->bringUnder(Above::Covered);
        }

        return new self($bake, $laying);
    }

    /**
     * Lets it lie until a sign comes, or the face below has as much colour as it should ever have.
     *
     * @return bool whether it ended by sign or colour before the time was up
     */
    public function until(Progress $sign, float $level, float $endSeconds, float $mostBrownness = INF): bool
    {
        $bake = $this->bake;
        $value = $sign->valueOf($bake);
        $rate = 0.0;
        $least = self::LEAST_STEP;
        while ($value < $level && $bake->below()->spotBrownness < $mostBrownness && $bake->secondsOn() < $endSeconds - 1e-6) {
            $before = $bake->secondsOn();
            // Near its end a step is cut so that it ends where the sign is about to come; a sign that creeps up is met in longer and longer ones.
            $guess = $rate > 0 ? max($least, ($level - $value) / $rate) : INF;
            $least = $guess === $least ? 1.6 * $least : $least;
            $bake->advance(min($guess, $endSeconds - $before));
            $now = $sign->valueOf($bake);
            $rate = ($now - $value) / ($bake->secondsOn() - $before);
            $value = $now;
            $this->lookForPuff();
        }

        return $value >= $level || $bake->below()->spotBrownness >= $mostBrownness;
    }

    public function lie(float $seconds): void
    {
        $end = $this->bake->secondsOn() + $seconds;
        while ($this->bake->secondsOn() < $end - 1e-9) {
            $this->bake->advance($end - $this->bake->secondsOn());
            $this->lookForPuff();
        }
    }

    public function touch(TurnAction $action): void
    {
        $this->touched[] = TouchState::of($action, $this->bake, $this->canPuff());
        match ($action) {
            TurnAction::Turn => $this->turn(),
            TurnAction::Press => $this->turnAndPress(),
            TurnAction::PressDown => $this->press(),
            TurnAction::Wet => $this->bake->wetTop(self::WET_TOP),
            TurnAction::Brush => $this->bake->oilAbove(),
            TurnAction::Lift => null,
        };
    }

    /** @param list<TurnWindow> $touches each at its time */
    public function follow(array $touches): void
    {
        foreach ($touches as $touch) {
            $this->lie(max(0.0, $touch->atSeconds - $this->bake->secondsOn()));
            $this->touch($touch->action);
        }
    }

    /** Straight on the flame, first one side, then the other. */
    public function flame(float $secondsEachSide): void
    {
        $this->bake->bringUnder(Above::Flame);
        if ($this->canPuff()) {
            $this->bake->puff();
        }
        $this->bake->lie($secondsEachSide);
        $this->bake->turn();
        $this->bake->lie($secondsEachSide);
    }

    /** The pan goes under the broiler as it is: still hot below, but off its burner. */
    public function bringUnderBroiler(): void
    {
        $this->bake->setKnob(self::OFF_THE_BURNER_CELSIUS);
        $this->bake->bringUnder(Above::Broiler);
    }

    /** A bread in its pan stays in it, and the pan comes to the oven's heat; any other lies on the rack. */
    public function bringIntoOven(): void
    {
        if ($this->laying->school === TurnSchool::BroilerThenOven) {
            $this->bake->setKnob($this->laying->kitchen->ovenCelsius);
            $this->bake->bringUnder(Above::OvenInPan);

            return;
        }
        $this->bake->bringUnder(Above::Oven);
    }

    /** Both faces hold steam, the middle makes it, and is still moist enough to stretch. */
    public function canPuff(): bool
    {
        $bake = $this->bake;
        $first = $this->laying->bread->matter->waterPerDry;
        $sealed = (1 - self::SEALED_SHARE) * $first;
        foreach ([$bake->below(), $bake->above()] as $face) {
            if (! $face->hasSet || $face->waterPerDry > $sealed) {
                return false;
            }
        }

        return $this->laying->thicknessMillimetres() <= self::PUFFS_UP_TO_MILLIMETRES && ! $this->laying->bread->matter->isOily
            && $bake->centreCelsius() >= self::STEAM_CELSIUS && $bake->centreWaterPerDry() >= self::MOIST_SHARE * $first;
    }

    private function lookForPuff(): void
    {
        if ($this->canPuff()) {
            $this->puffFromSeconds ??= $this->bake->secondsOn();
            $this->puffToSeconds = $this->bake->secondsOn();
        }
    }

    /** A wiped griddle oils whatever face comes to it; fat on each side is brushed on the open face before it goes down. */
    private function turn(): void
    {
        if ($this->laying->grease->usesFat()) {
            $this->bake->oilAbove();
        }
        $this->bake->turn();
    }

    private function turnAndPress(): void
    {
        $this->turn();
        $this->press();
    }

    private function press(): void
    {
        $this->bake->press(self::PRESS_SECONDS);
        if ($this->canPuff()) {
            $this->bake->puff();
        }
    }
}
