<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Griddle\SurfaceRange;
use StoneMill\Measure\Unit;
use StoneMill\Plan\Limits;
use StoneMill\School\After;
use StoneMill\School\Grease;
use StoneMill\School\Knead;
use StoneMill\School\Rest;
use StoneMill\School\Scald;
use StoneMill\School\Shaping;
use StoneMill\School\TurnSchool;

/** The one thing that a trial varies. */
enum Factor: string
{
    case Hydration = 'hydration';
    case WaterCelsius = 'water_celsius';
    case Binder = 'binder';
    case Fat = 'fat';
    case Thickness = 'thickness';
    case Heat = 'heat';
    case Balance = 'balance';
    case Scald = 'scald';
    case Knead = 'knead';
    case Rest = 'rest';
    case Shape = 'shape';
    case Grease = 'grease';
    case Turns = 'turns';
    case After = 'after';
    /** Levels are ingredients that stand in for the flour that there is most of. */
    case Flour = 'flour';
    /** Levels are bags of the kitchen. */
    case Bag = 'bag';

    public function inWords(): string
    {
        return match ($this) {
            self::Hydration => 'Water, in % of the flour',
            self::WaterCelsius => 'Water temperature',
            self::Binder => 'Binder, in % of the flour',
            self::Fat => 'Fat, in % of the flour',
            self::Thickness => 'Thickness',
            self::Heat => 'Heat of the metal',
            self::Balance => 'Touches sooner or later',
            self::Scald => 'Scald',
            self::Knead => 'Kneading',
            self::Rest => 'Rest',
            self::Shape => 'Shaping',
            self::Grease => 'Fat on the metal',
            self::Turns => 'Way of turning',
            self::After => 'After the griddle',
            self::Flour => 'Which flour',
            self::Bag => 'Which bag',
        };
    }

    /** The unit of its scale; null where its levels are schools. */
    public function unit(): ?Unit
    {
        return match ($this) {
            self::Hydration, self::Binder, self::Fat => Unit::Percent,
            self::WaterCelsius, self::Heat => Unit::Celsius,
            self::Thickness => Unit::Millimetre,
            self::Balance => Unit::Share,
            default => null,
        };
    }

    /** @return array{float, float} what a level may be on its scale */
    public function range(): array
    {
        return match ($this) {
            self::Hydration => [0.0, (float) Limits::MOST_HYDRATION_PERCENT],
            self::WaterCelsius => [0.0, (float) Limits::MOST_WATER_CELSIUS],
            self::Binder => [0.1, 40.0],
            self::Fat => [0.5, 60.0],
            self::Thickness => [(float) Limits::LEAST_THICKNESS_MM, (float) Limits::MOST_THICKNESS_MM],
            self::Heat => [(float) SurfaceRange::LEAST_CELSIUS, (float) SurfaceRange::MOST_CELSIUS],
            self::Balance => [(float) Limits::LEAST_BALANCE, (float) Limits::MOST_BALANCE],
            default => [0.0, 0.0],
        };
    }

    /** @return list<string> the schools to choose among; empty where it has a scale, or its levels are things of the pantry */
    public function schools(): array
    {
        return array_column($this->choices(), 'value');
    }

    /** One of its schools by its name; null where it has no such school. */
    public function school(string $name): Scald|Knead|Rest|Shaping|Grease|TurnSchool|After|null
    {
        return array_column($this->choices(), null, 'value')[$name] ?? null;
    }

    /** @return list<Scald|Knead|Rest|Shaping|Grease|TurnSchool|After> */
    private function choices(): array
    {
        return match ($this) {
            self::Scald => Scald::cases(),
            self::Knead => Knead::cases(),
            self::Rest => Rest::cases(),
            self::Shape => Shaping::cases(),
            self::Grease => Grease::cases(),
            self::Turns => TurnSchool::cases(),
            self::After => After::cases(),
            default => [],
        };
    }

    /** Whether its levels are things of the pantry, by their identifiers: they are called by what those are called. */
    public function isOfThePantry(): bool
    {
        return $this === self::Flour || $this === self::Bag;
    }

    /** Whether halves of one dough can be held beside each other, since it comes after the mixing. */
    public function comesAfterMixing(): bool
    {
        return match ($this) {
            self::Thickness, self::Heat, self::Balance, self::Rest, self::Shape, self::Grease, self::Turns, self::After => true,
            self::Hydration, self::WaterCelsius, self::Binder, self::Fat, self::Scald, self::Knead, self::Flour, self::Bag => false,
        };
    }
}
