<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** A griddle that is not as it should be, to learn on. Each is a plan request and how hot the metal is when the bread is laid. */
enum Puzzle: string
{
    case Steady = 'steady';
    case TooHot = 'too_hot';
    case TooThick = 'too_thick';
    case WetDough = 'wet_dough';
    case ColdIron = 'cold_iron';
    case ThickRound = 'thick_round';

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

    /** @return array<string, mixed> the plan request that the bread comes from */
    public function request(): array
    {
        return match ($this) {
            self::Steady, self::ColdIron => ['style' => 'pressed-masa', ...($this === self::ColdIron ? ['gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => 340, 'burner' => 'steady']]] : [])],
            self::TooHot => ['style' => 'pressed-masa', 'griddle' => ['surface_celsius' => 290]],
            self::TooThick => ['style' => 'pressed-masa', 'pieces' => ['thickness_mm' => 3.8]],
            self::WetDough => ['style' => 'pressed-masa', 'water' => ['hydration_percent' => 156]],
            self::ThickRound => ['style' => 'thick-corn-round'],
        };
    }

    /** Temperature of the metal when the bread is laid; null where it is what was set. */
    public function metalCelsius(): ?float
    {
        return $this === self::ColdIron ? 150.0 : null;
    }
}
