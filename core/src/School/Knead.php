<?php

declare(strict_types=1);

namespace StoneMill\School;

/** How long the dough is worked. Without gluten it cannot be overworked; kneading evens out the water. */
enum Knead: string
{
    case JustTogether = 'just_together';
    case TwoThreeMinutes = 'two_three_minutes';
    case SixEightMinutes = 'six_eight_minutes';

    public function seconds(): int
    {
        return match ($this) {
            self::JustTogether => 60,
            self::TwoThreeMinutes => 150,
            self::SixEightMinutes => 420,
        };
    }
}
