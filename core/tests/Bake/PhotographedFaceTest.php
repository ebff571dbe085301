<?php

declare(strict_types=1);

namespace StoneMill\Tests\Bake;

use PHPUnit\Framework\TestCase;
use StoneMill\Bake\PhotographedFace;
use StoneMill\Measure\Exception\OutOfRange;

/** The shade of a face off a photo, against a white sheet beside it. */
final class PhotographedFaceTest extends TestCase
{
    public function test_neither_lamp_nor_exposure_matters(): void
    {
        // Light halved is every channel, as light, halved: in the file by the power 1 / 2.2, about.
        $dim = static fn (float $one): float => 1.055 * (0.6 * (($one + 0.055) / 1.055) ** 2.4) ** (1 / 2.4) - 0.055;
        [$white, $bread] = [[0.93, 0.92, 0.9], [0.72, 0.55, 0.33]];
        $bright = (new PhotographedFace($white, [$bread]))->shade();
        [$dimWhite, $dimBread] = array_map(static fn (array $colour): array => [$dim($colour[0]), $dim($colour[1]), $dim($colour[2])], [$white, $bread]);
        self::assertEqualsWithDelta($bright->likely, (new PhotographedFace($dimWhite, [$dimBread]))->shade()->likely, 1e-6);
    }

    public function test_darker_is_browner_and_spots_are_doubt(): void
    {
        $at = static fn (float $grey): array => [$grey, $grey, $grey];
        $before = -1.0;
        foreach ([0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3] as $grey) {
            $shade = (new PhotographedFace([1.0, 1.0, 1.0], [$at($grey)]))->shade()->likely;
            self::assertGreaterThanOrEqual($before, $shade);
            $before = $shade;
        }
        $even = (new PhotographedFace([1.0, 1.0, 1.0], [$at(0.6), $at(0.6)]))->shade();
        $spotted = (new PhotographedFace([1.0, 1.0, 1.0], [$at(0.45), $at(0.75)]))->shade();
        self::assertGreaterThan($even->high - $even->low, $spotted->high - $spotted->low);
    }

    public function test_a_sheet_in_the_dark_is_no_sheet(): void
    {
        $this->expectException(OutOfRange::class);
        new PhotographedFace([0.2, 0.2, 0.2], [[0.1, 0.1, 0.1]]);
    }
}
