<?php

declare(strict_types=1);

namespace StoneMill\Tests\Bake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Bake\BreadColour;

final class BreadColourTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function colours(): iterable
    {
        foreach (['#f0e2b6', '#8f6a52', '#ffffff', '#000000', '#d99a1f', '#6f8a4c'] as $colour) {
            yield $colour => [$colour];
        }
    }

    #[DataProvider('colours')]
    public function test_a_raw_dough_has_the_colour_of_its_flour(string $colour): void
    {
        self::assertSame($colour, BreadColour::of($colour)->baked(0.0)->srgb());
    }

    /** White, mid grey and pure red of sRGB under D65 are published at L* 100, 53.585 and 53.241; half of each is their mean in L*a*b*. */
    public function test_two_doughs_mix_to_the_mean_by_weight(): void
    {
        self::assertSame('#ffffff', BreadColour::mixed([['#ffffff', 3.0], ['#ffffff', 1.0]])->srgb());
        // L* 75 by one part of black and three of white: (75 + 16)/116 cubed is 0.4828 of the light, 184 of 255 shown.
        self::assertSame('#b9b9b9', BreadColour::mixed([['#ffffff', 3.0], ['#000000', 1.0]])->srgb());
    }

    #[DataProvider('colours')]
    public function test_the_longer_it_is_baked_the_darker_it_is(string $colour): void
    {
        $last = 3 * 255 + 1;
        for ($shade = 0.0; $shade <= 1.0; $shade += 0.05) {
            $channels = array_map(hexdec(...), str_split(substr(BreadColour::of($colour)->baked($shade)->srgb(), 1), 2));
            // Greenish and black doughs take on a little red first; that much may be gained.
            self::assertLessThanOrEqual($last + 12, array_sum($channels));
            $last = array_sum($channels);
        }
        self::assertLessThan(3 * 255 / 3, $last);
    }
}
