<?php

declare(strict_types=1);

namespace StoneMill\School;

/** How a ball becomes a disc. */
enum Shaping: string
{
    case LeverPress = 'lever_press';
    case TwoPlates = 'two_plates';
    case RollingPin = 'rolling_pin';
    case Palms = 'palms';
    case Fingers = 'fingers';
    case Cutter = 'cutter';
    case Pour = 'pour';

    /** Whether plates make it, which reach so far and no further. */
    public function isPressed(): bool
    {
        return $this === self::LeverPress || $this === self::TwoPlates;
    }

    /** Palms pat and fingers spread on a damp cloth, paper or a cut bag. */
    public function needsLiner(): bool
    {
        return match ($this) {
            self::LeverPress, self::TwoPlates, self::RollingPin, self::Palms, self::Fingers, self::Cutter => true,
            self::Pour => false,
        };
    }

    /** Whether dough is weighed out piece by piece: what is cut comes off a sheet, and batter is poured where it cooks. */
    public function isPortioned(): bool
    {
        return $this !== self::Cutter && $this !== self::Pour;
    }

    /** Seconds that one practised pair of hands takes for a piece; a planning default that the record corrects. */
    public function secondsPerPiece(): int
    {
        return match ($this) {
            self::LeverPress, self::Pour => 14,
            self::TwoPlates => 20,
            self::RollingPin, self::Cutter => 30,
            self::Palms, self::Fingers => 40,
        };
    }
}
