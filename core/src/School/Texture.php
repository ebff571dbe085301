<?php

declare(strict_types=1);

namespace StoneMill\School;

/** The dough that a style wants, from pourable to rollable. */
enum Texture: string
{
    case Batter = 'batter';
    case Raised = 'raised';
    case Soft = 'soft';
    case Press = 'press';
    case Pat = 'pat';
    case Roll = 'roll';

    public function inWords(): string
    {
        return match ($this) {
            self::Batter => 'a batter to pour',
            self::Raised => 'a soft dough to raise, wetter than hands would shape',
            self::Soft => 'a soft dough',
            self::Press => 'a dough to press',
            self::Pat => 'a dough to pat',
            self::Roll => 'a dough to roll',
        };
    }

    /** Water taken up against the press texture, which the absorptions are stated for. Own planning estimate. */
    public function waterFactor(): float
    {
        return match ($this) {
            self::Batter => 2.60,
            self::Raised => 1.35,
            self::Soft => 1.12,
            self::Press => 1.00,
            self::Pat => 1.02,
            self::Roll => 0.96,
        };
    }
}
