<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Griddle\Remedy;
use StoneMill\School\Scald;
use StoneMill\School\WayOver;

/** What would mend a warning: in words, and as the change of the request that makes it so. */
final readonly class Mend
{
    private function __construct(public string $text, public RequestChange $change)
    {
    }

    /** The amount of water that the dough asks for, in place of the cook's own. */
    public static function ownWater(): self
    {
        return new self('Pour what this dough takes', RequestChange::hydration(null));
    }

    public static function waterOf(float $celsius): self
    {
        return new self(sprintf('Take water of %.0f °C', $celsius), RequestChange::waterOf($celsius));
    }

    public static function schoolsWater(): self
    {
        return new self('Take the water of this bread', RequestChange::waterOf(null));
    }

    public static function scald(Scald $scald): self
    {
        $text = $scald === Scald::HalfInPot ? 'Cook half of the flour in the pot' : 'Cook all of the flour in the pot';

        return new self($text, RequestChange::school($scald));
    }

    public static function withoutRest(): self
    {
        return new self('Leave out the rest', RequestChange::withoutRests());
    }

    public static function pieceGrams(float $grams): self
    {
        return new self(sprintf('Pieces of %.0f g', $grams), RequestChange::pieceOf($grams));
    }

    public static function pieces(int $count): self
    {
        return new self(sprintf($count === 1 ? 'Make %d piece' : 'Make %d pieces', $count), RequestChange::pieces($count));
    }

    public static function thickness(float $millimetres): self
    {
        return new self(sprintf('%g mm thick', $millimetres), RequestChange::thickness($millimetres));
    }

    /** So thick, and as wide as the weight then makes it. */
    public static function thickerWalls(float $millimetres): self
    {
        return new self(sprintf('%g mm thick', $millimetres), RequestChange::thicknessAlone($millimetres));
    }

    public static function diameter(float $millimetres): self
    {
        return new self(sprintf('%.0f mm wide', $millimetres), RequestChange::diameter(floor($millimetres)));
    }

    public static function overThePalm(): self
    {
        return new self('Carry them over the palm', RequestChange::carriedOver(WayOver::OverThePalm));
    }

    public static function heat(float $celsius): self
    {
        return self::by(Remedy::heat($celsius));
    }

    public static function by(Remedy $remedy): self
    {
        return new self($remedy->text, match (true) {
            $remedy->surfaceCelsius !== null => RequestChange::heat($remedy->surfaceCelsius),
            $remedy->school !== null => RequestChange::school($remedy->school),
            default => RequestChange::nothing(),
        });
    }
}
