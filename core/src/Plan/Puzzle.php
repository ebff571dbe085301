<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Bake\Burner;

/** A griddle that is not as it should be, to learn on. Each is a plan request and how hot the metal is when the bread is laid. */
enum Puzzle: string
{
    case Steady = 'steady';
    case TooHot = 'too_hot';
    case TooThick = 'too_thick';
    case WetDough = 'wet_dough';
    case ColdIron = 'cold_iron';
    case ThickRound = 'thick_round';

    private const IRON_MM = 340.0;

    public function title(): string
    {
        return match ($this) {
            self::Steady => 'A good day',
            self::TooHot => 'Too hot',
            self::TooThick => 'Too thick',
            self::WetDough => 'Wet dough',
            self::ColdIron => 'Cold iron',
            self::ThickRound => 'The thick round',
        };
    }

    public function task(): string
    {
        return match ($this) {
            self::Steady => 'Everything is as it should be. Find the seal, the second turn and the press.',
            self::TooHot => 'The metal stands near 290 °C. Bring the disc off soft before its spots burn.',
            self::TooThick => 'Twice as thick as it should be. Get the middle hot before the faces are dry.',
            self::WetDough => 'Thirty points of water too much. It sticks for longer, and is heavy.',
            self::ColdIron => 'Laid too soon: the metal has only 150 °C and warms slowly. When is it time?',
            self::ThickRound => 'It colours long before its middle is done. What helps?',
        };
    }

    /** What the bread is planned from. */
    public function request(): GivenRequest
    {
        return GivenRequest::ofStyle($this === self::ThickRound ? 'thick-corn-round' : 'pressed-masa')->with(match ($this) {
            self::Steady, self::ThickRound => RequestChange::nothing(),
            self::ColdIron => RequestChange::roundGriddle(self::IRON_MM, Burner::Steady),
            self::TooHot => RequestChange::heat(290),
            self::TooThick => RequestChange::thickness(3.8),
            self::WetDough => RequestChange::hydration(156),
        });
    }

    /** Temperature of the metal when the bread is laid; null where it is what was set. */
    public function metalCelsius(): ?float
    {
        return $this === self::ColdIron ? 150.0 : null;
    }
}
