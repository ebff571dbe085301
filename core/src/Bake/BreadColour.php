<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/**
 * The colour of a baked face, for pictures: lightness falls with browning as in Colour, redness rises and yellowness holds until it
 * is dark. In CIE L*a*b* under D65, out and in as sRGB (IEC 61966-2-1).
 */
final readonly class BreadColour
{
    /** Redness and yellowness that a golden crust has gained over its dough. Planning estimate from published crusts: a* 8 to 15, b* 25 to 38. */
    private const GOLDEN_REDNESS = 11.0;

    private const GOLDEN_YELLOWNESS = 14.0;

    private const WHITE = [0.95047, 1.0, 1.08883];

    private function __construct(private float $lightness, private float $redness, private float $yellowness)
    {
    }

    /** @param string $srgb as #rrggbb */
    public static function of(string $srgb): self
    {
        [$red, $green, $blue] = array_map(static fn (string $pair): float => self::linear(hexdec($pair) / 255), str_split(substr($srgb, 1), 2));
        [$x, $y, $z] = [
            self::root((0.4124564 * $red + 0.3575761 * $green + 0.1804375 * $blue) / self::WHITE[0]),
            self::root(0.2126729 * $red + 0.7151522 * $green + 0.0721750 * $blue),
            self::root((0.0193339 * $red + 0.1191920 * $green + 0.9503041 * $blue) / self::WHITE[2]),
        ];

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    /**
     * What stands in a dough together looks like the mean of its parts.
     *
     * @param non-empty-list<array{string, float}> $parts sRGB as #rrggbb, and grams
     */
    public static function mixed(array $parts): self
    {
        $grams = array_sum(array_column($parts, 1));
        $sum = [0.0, 0.0, 0.0];
        foreach ($parts as [$srgb, $part]) {
            $one = self::of($srgb);
            foreach ([$one->lightness, $one->redness, $one->yellowness] as $channel => $value) {
                $sum[$channel] += $value * $part / $grams;
            }
        }

        return new self(...$sum);
    }

    /** The same dough baked to a shade from 0 (raw) over 0.5 (golden) to 1 (black). */
    public function baked(float $shade): self
    {
        $kept = Colour::lightness(Colour::ofShade(min(0.99, max(0.0, $shade)))) / Colour::RAW_LIGHTNESS;
        $golden = Colour::GOLDEN_LIGHTNESS / Colour::RAW_LIGHTNESS;
        // From none over all at golden: what is darker than that keeps its colour by the light it still throws back.
        $gained = min(1.0, (1 - $kept) / (1 - $golden)) * min(1.0, $kept / $golden);

        return new self($this->lightness * $kept, ($this->redness + self::GOLDEN_REDNESS * $gained) * min(1.0, $kept / $golden), ($this->yellowness + self::GOLDEN_YELLOWNESS * $gained) * min(1.0, $kept / $golden));
    }

    /** @return string sRGB as #rrggbb */
    public function srgb(): string
    {
        $y = ($this->lightness + 16) / 116;
        [$x, $y, $z] = [
            self::WHITE[0] * self::cube($y + $this->redness / 500),
            self::cube($y),
            self::WHITE[2] * self::cube($y - $this->yellowness / 200),
        ];
        $linear = [
            3.2404542 * $x - 1.5371385 * $y - 0.4985314 * $z,
            -0.9692660 * $x + 1.8760108 * $y + 0.0415560 * $z,
            0.0556434 * $x - 0.2040259 * $y + 1.0572252 * $z,
        ];

        return '#'.implode('', array_map(static fn (float $channel): string => sprintf('%02x', (int) round(255 * self::shown($channel))), $linear));
    }

    private static function linear(float $shown): float
    {
        return $shown <= 0.04045 ? $shown / 12.92 : (($shown + 0.055) / 1.055) ** 2.4;
    }

    private static function shown(float $linear): float
    {
        $within = min(1.0, max(0.0, $linear));

        return $within <= 0.0031308 ? 12.92 * $within : 1.055 * $within ** (1 / 2.4) - 0.055;
    }

    private static function root(float $share): float
    {
        return $share > 216 / 24389 ? $share ** (1 / 3) : (24389 / 27 * $share + 16) / 116;
    }

    private static function cube(float $root): float
    {
        return $root ** 3 > 216 / 24389 ? $root ** 3 : (116 * $root - 16) / (24389 / 27);
    }
}
