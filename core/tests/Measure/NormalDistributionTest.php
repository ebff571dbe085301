<?php

declare(strict_types=1);

namespace StoneMill\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\NormalDistribution;
use StoneMill\Measure\Spread;

final class NormalDistributionTest extends TestCase
{
    /** @return iterable<string, array{float, float}> share and published z */
    public static function publishedQuantiles(): iterable
    {
        yield 'one in a hundred' => [0.01, -2.326348];
        yield 'one in ten' => [0.10, -1.281552];
        yield 'a quarter' => [0.25, -0.674490];
        yield 'half' => [0.5, 0.0];
        yield 'nineteen in twenty' => [0.95, 1.644854];
    }

    #[DataProvider('publishedQuantiles')]
    public function test_quantiles_meet_the_published_table(float $share, float $z): void
    {
        self::assertEqualsWithDelta(300 + 20 * $z, (new NormalDistribution(300, 20))->quantile($share), 20e-6 * 5);
    }

    public function test_the_share_below_a_quantile_is_the_share_asked_for(): void
    {
        for ($share = 0.005; $share < 1; $share += 0.005) {
            $z = (new NormalDistribution(0, 1))->quantile($share);
            self::assertEqualsWithDelta($share, NormalDistribution::cumulative($z), 1e-6);
        }
    }

    public function test_a_spread_and_its_deviation_are_two_ways_to_say_the_same(): void
    {
        $spread = Spread::normal(300, 17);
        self::assertEqualsWithDelta(17, $spread->deviation(), 1e-12);
        self::assertEqualsWithDelta((new NormalDistribution(300, 17))->quantile(0.1), $spread->low, 1e-4);
    }

    public function test_a_certain_share_has_no_quantile(): void
    {
        $this->expectException(OutOfRange::class);
        (new NormalDistribution(0, 1))->quantile(1.0);
    }

    public function test_a_spread_out_of_order_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        Spread::of(5, 4, 6);
    }
}
