<?php

declare(strict_types=1);

namespace App\Http;

/** Sheets that a recipe card is printed on. */
enum CardPaper: string
{
    case A5 = 'a5';
    case A4 = 'a4';
    case Letter = 'letter';

    /** Size of the letters, in points, at which the longest shipped bread is one page. */
    public function points(): float
    {
        return match ($this) {
            self::A5 => 8.0,
            self::A4 => 11.5,
            self::Letter => 11.0,
        };
    }
}
