<?php

declare(strict_types=1);

namespace StoneMill\Plan;

/** What the core can be asked, on the command line and over HTTP alike. */
enum Question: string
{
    case Plan = 'plan';
    case Compare = 'compare';
    case Swap = 'swap';
    case Blend = 'blend';
    case Choose = 'choose';
    case Nixtamal = 'nixtamal';
    case Milling = 'milling';
    case Label = 'label';
    case Shape = 'shape';
    case Bake = 'bake';
    case Turns = 'turns';
    case Loads = 'loads';
    case Calibrate = 'calibrate';
    case Practice = 'practice';
    case Day = 'day';
    case Sheet = 'sheet';

    /** Whether the answer is of the griddle's model and nothing but what leads to it: no order of work, no blend, no choice. */
    public function bakesOnly(): bool
    {
        return match ($this) {
            self::Bake, self::Turns, self::Loads, self::Practice => true,
            self::Plan, self::Compare, self::Swap, self::Blend, self::Choose, self::Nixtamal, self::Milling, self::Label,
            self::Shape, self::Calibrate, self::Day, self::Sheet => false,
        };
    }
}
