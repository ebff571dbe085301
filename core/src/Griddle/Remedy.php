<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\TurnSchool;

/** What would mend a miss at the griddle: another heat, or another way of turning. */
final readonly class Remedy
{
    private function __construct(public string $text, public ?float $surfaceCelsius, public ?TurnSchool $school)
    {
    }

    public static function heat(float $celsius): self
    {
        return new self(sprintf('Bake it at %.0f °C', $celsius), $celsius, null);
    }

    public static function school(TurnSchool $school): self
    {
        return new self(match ($school) {
            TurnSchool::CoveredSlow => 'Bake it under a lid',
            TurnSchool::BrownThenOven => 'Brown it, then the oven',
            default => 'Turn it the other way: '.str_replace('_', ' ', $school->value),
        }, null, $school);
    }
}
