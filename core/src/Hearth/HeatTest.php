<?php

declare(strict_types=1);

namespace StoneMill\Hearth;

use StoneMill\Measure\Spread;

/**
 * What a cook without a thermometer sees on the metal. Ranges are planning estimates: water boils off a surface slowly up to
 * about 130 °C, fastest near 150, and skates on its own steam from about 190 (the Leidenfrost point on rough iron); flour
 * browns by the same kinetics as bread crust.
 */
enum HeatTest: string
{
    case DropSits = 'drop_sits';
    case DropSizzles = 'drop_sizzles';
    case DropDances = 'drop_dances';
    case FlourTansSlowly = 'flour_tans_slowly';
    case FlourTans = 'flour_tans';
    case FlourBrownsFast = 'flour_browns_fast';
    case FlourSmokes = 'flour_smokes';

    public function celsius(): Spread
    {
        return match ($this) {
            self::DropSits => Spread::of(100, 115, 132),
            self::DropSizzles => Spread::of(130, 155, 185),
            self::DropDances => Spread::of(190, 215, 260),
            self::FlourTansSlowly => Spread::of(165, 182, 200),
            self::FlourTans => Spread::of(192, 208, 224),
            self::FlourBrownsFast => Spread::of(216, 232, 250),
            self::FlourSmokes => Spread::of(245, 270, 310),
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::DropSits => 'A drop of water lies flat and boils away slowly.',
            self::DropSizzles => 'A drop sizzles, spreads and is gone in two or three seconds.',
            self::DropDances => 'A drop breaks into beads that skate and last.',
            self::FlourTansSlowly => 'A pinch of flour is still pale after half a minute, tan after one.',
            self::FlourTans => 'A pinch of flour tans in about half a minute.',
            self::FlourBrownsFast => 'A pinch of flour browns within fifteen seconds.',
            self::FlourSmokes => 'A pinch of flour darkens and smokes at once. Turn down and air the room.',
        };
    }
}
