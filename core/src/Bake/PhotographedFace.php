<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\Spread;

/**
 * The colour of a face off a photo, against a white sheet that lies beside it in the same light. Lightness is CIE 1976 L* of the luminance over
 * the sheet's (sRGB, IEC 61966-2-1; CIE 15), so that neither the lamp nor the camera's exposure matters, and from it comes the shade by the
 * scale of the model. It is offered with its doubt: dark flours are dark before they brown, and a face is spotted.
 */
final readonly class PhotographedFace
{
    /** Of the luminance that falls on it, a sheet of copy paper throws back this much. Planning estimate, 0.85–0.92. */
    private const PAPER = 0.89;

    /** A sheet darker than this in the photo was in the shade, one at the top of the scale is burnt out. */
    private const LEAST_WHITE = 0.15;

    /** Eyes, light from the side and gloss: in shade. Planning estimate. */
    private const DOUBT = 0.08;

    private const MOST_SHADE = 0.95;

    /**
     * @param array{float, float, float} $white mean red, green and blue of the sheet, from 0 to 1 as the file has them
     * @param list<array{float, float, float}> $bread of places on the face
     */
    public function __construct(private array $white, private array $bread)
    {
        OutOfRange::guard('luminance of the white sheet', self::luminance($white), self::LEAST_WHITE, 1.0);
        OutOfRange::guard('places on the face', count($bread), 1, 100_000);
    }

    /** The shade, from 0 for raw over 0.5 for golden towards 1, with its doubt. */
    public function shade(): Spread
    {
        $white = self::luminance($this->white);
        $shades = array_map(static fn (array $place): float => self::ofLuminance(self::PAPER * self::luminance($place) / $white), $this->bread);
        $mean = array_sum($shades) / count($shades);
        $apart = sqrt(array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $shades)) / count($shades));
        $reach = Spread::DECILE_DEVIATIONS * hypot(self::DOUBT, $apart / sqrt(max(1, min(16, count($shades)))));

        return Spread::of(max(0.0, $mean - $reach), $mean, min(1.0, $mean + $reach));
    }

    private static function ofLuminance(float $luminance): float
    {
        $cubic = $luminance > 216 / 24389 ? $luminance ** (1 / 3) : (24389 / 27 * $luminance + 16) / 116;
        $lightness = max(1.0, min(Colour::RAW_LIGHTNESS, 116 * $cubic - 16));

        return min(self::MOST_SHADE, Colour::shade(Colour::brownness($lightness)));
    }

    /** @param array{float, float, float} $colour */
    private static function luminance(array $colour): float
    {
        [$red, $green, $blue] = array_map(static fn (float $one): float => $one <= 0.04045 ? $one / 12.92 : (($one + 0.055) / 1.055) ** 2.4, $colour);

        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }
}
