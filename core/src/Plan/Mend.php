<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Griddle\Remedy;
use StoneMill\School\Rest;
use StoneMill\School\Scald;
use StoneMill\School\WayOver;

/** What would mend a warning: in words, and as the change of the request that makes it so. */
final readonly class Mend
{
    /** @param array<string, array<string, mixed>> $change JSON merge patch (RFC 7396) of the plan request */
    private function __construct(public string $text, public array $change)
    {
    }

    /** The amount of water that the dough asks for, in place of the cook's own. */
    public static function ownWater(): self
    {
        return new self('Pour what this dough takes', ['water' => ['hydration_percent' => null]]);
    }

    public static function waterOf(float $celsius): self
    {
        return new self(sprintf('Take water of %.0f °C', $celsius), ['water' => ['celsius' => $celsius, 'dough_celsius' => null]]);
    }

    public static function schoolsWater(): self
    {
        return new self('Take the water of this bread', ['water' => ['celsius' => null, 'dough_celsius' => null]]);
    }

    public static function scald(Scald $scald): self
    {
        $text = $scald === Scald::HalfInPot ? 'Cook half of the flour in the pot' : 'Cook all of the flour in the pot';

        return new self($text, ['formula' => ['method' => ['scald' => $scald->value]], 'water' => ['pot_share' => null]]);
    }

    public static function withoutRest(): self
    {
        return new self('Leave out the rest', ['formula' => ['method' => ['rest' => Rest::None->value], 'rest' => null, 'second_rest' => null]]);
    }

    public static function pieceGrams(float $grams): self
    {
        return new self(sprintf('Pieces of %.0f g', $grams), ['pieces' => ['grams_each' => $grams]]);
    }

    public static function pieces(int $count): self
    {
        return new self(sprintf($count === 1 ? 'Make %d piece' : 'Make %d pieces', $count), ['pieces' => ['count' => $count]]);
    }

    public static function thickness(float $millimetres): self
    {
        return new self(sprintf('%g mm thick', $millimetres), ['pieces' => ['thickness_mm' => $millimetres]]);
    }

    public static function diameter(float $millimetres): self
    {
        return new self(sprintf('%.0f mm wide', $millimetres), ['pieces' => ['diameter_mm' => floor($millimetres)]]);
    }

    public static function overThePalm(): self
    {
        return new self('Carry them over the palm', ['carry' => ['over' => WayOver::OverThePalm->value]]);
    }

    public static function heat(float $celsius): self
    {
        return self::by(Remedy::heat($celsius));
    }

    public static function by(Remedy $remedy): self
    {
        return new self($remedy->text, array_filter([
            'griddle' => $remedy->surfaceCelsius === null ? null : ['surface_celsius' => $remedy->surfaceCelsius],
            'formula' => $remedy->school === null ? null : ['method' => ['turns' => $remedy->school->value]],
        ]));
    }
}
