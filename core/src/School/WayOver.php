<?php

declare(strict_types=1);

namespace StoneMill\School;

/** How a shaped piece gets from where it was made onto the hot metal. */
enum WayOver: string
{
    case OverThePalm = 'over_the_palm';
    case OnThePaper = 'on_the_paper';
    case OffTheCloth = 'off_the_cloth';
    case Slid = 'slid';
    case Poured = 'poured';

    /** Most kinds of baking paper are sold for up to 220 °C; above it they brown and grow brittle. */
    public const PAPER_CELSIUS = 220.0;

    /** A piece wider than this hangs over a hand at both sides. A hand with spread fingers spans about 200 mm. */
    public const PALM_MILLIMETRES = 200.0;

    /** @return non-empty-list<self> that go with a liner, the usual one first; plastic has none that takes it near heat */
    public static function off(Liner $liner): array
    {
        return match ($liner) {
            Liner::CutBag => [self::OverThePalm],
            Liner::BakingPaper => [self::OverThePalm, self::OnThePaper, self::Slid],
            Liner::DampCloth => [self::OffTheCloth, self::OverThePalm],
            Liner::FlouredBoard => [self::OverThePalm, self::Slid],
            Liner::None => [self::OverThePalm],
        };
    }

    /** Where nobody says what it is shaped on. */
    public static function usualOf(Shaping $shaping): self
    {
        return $shaping === Shaping::Pour ? self::Poured : self::off(Liner::servingFor($shaping)[0])[0];
    }

    /** Seconds of a practised pair of hands for one piece. Planning estimates, which what a cook says of the own pace replaces. */
    public function seconds(): float
    {
        return match ($this) {
            self::OverThePalm, self::Slid => 4.0,
            self::OnThePaper => 8.0,
            self::OffTheCloth => 6.0,
            self::Poured => (float) Shaping::Pour->secondsPerPiece(),
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::OverThePalm => 'Over the palm',
            self::OnThePaper => 'On its paper',
            self::OffTheCloth => 'Off the cloth',
            self::Slid => 'Slid from a thin board',
            self::Poured => 'Poured',
        };
    }

    public function how(): string
    {
        return match ($this) {
            self::OverThePalm => 'Turn it over onto the palm, peel off what still clings, and let it roll off the hand away from you. Fingers stay above the metal.',
            self::OnThePaper => 'Lay it paper up, press it on lightly, and peel the paper off as soon as it lets go, after about ten seconds. No paper over a flame.',
            self::OffTheCloth => 'Lift the cloth by two corners, turn it over the griddle, piece down, and peel it back. Keep its ends away from the flame.',
            self::Slid => 'Slide it off the edge of a thin, dusted board, away from you, in one pull.',
            self::Poured => 'Pour into the middle, from low, and tilt or spread at once.',
        };
    }
}
