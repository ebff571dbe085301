<?php

declare(strict_types=1);

namespace StoneMill\Tests\Bake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Bake\BakeUnderWay;
use StoneMill\Bake\Iron;
use StoneMill\Bake\KitchenAir;
use StoneMill\Bake\LaidBread;
use StoneMill\Bake\Matter;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\Physics;

/** Heat alone, against the closed solution of a slab on one side in contact and on the other insulated. */
final class SlabTest extends TestCase
{
    private const DENSITY = 1200.0;

    private const HEAT = 3000.0;

    private const CONDUCTIVITY = 0.4;

    /** @return iterable<string, array{float, float}> thickness in mm, contact in W/(m²·K) */
    public static function slabs(): iterable
    {
        yield 'a thin disc' => [2.0, 300.0];
        yield 'a thin disc on bad contact' => [2.0, 60.0];
        yield 'a patted round' => [4.5, 300.0];
        yield 'a thick round' => [15.0, 200.0];
    }

    #[DataProvider('slabs')]
    public function test_sixteen_layers_follow_the_series_within_half_a_per_cent(float $millimetres, float $contact): void
    {
        $bake = $this->slab($millimetres, $contact, new Mesh);
        $metres = $millimetres / 1000;
        $diffusivity = self::CONDUCTIVITY / (self::DENSITY * self::HEAT);
        $characteristic = $metres ** 2 / $diffusivity;
        $roots = self::roots($contact * $metres / self::CONDUCTIVITY);
        $before = 0.0;
        foreach ([0.05, 0.1, 0.2, 0.4, 0.8, 1.5, 3.0] as $fourier) {
            $bake->lie(($fourier - $before) * $characteristic);
            $before = $fourier;
            $depth = 0.0;
            foreach ($bake->mesh->layersOf($metres) as $layer => $thick) {
                $middle = $depth + $thick / 2;
                $depth += $thick;
                $exact = 200 - 180 * self::series($roots, 1 - $middle / $metres, $fourier);
                self::assertEqualsWithDelta($exact, $bake->profile()[$layer], 0.005 * 180, "layer $layer at Fourier $fourier");
            }
        }
    }

    public function test_more_layers_and_shorter_steps_come_nearer(): void
    {
        $error = function (Mesh $mesh): float {
            $bake = $this->slab(2.0, 300.0, $mesh);
            $bake->lie(6.0);
            $roots = self::roots(300.0 * 0.002 / self::CONDUCTIVITY);
            $fourier = 6.0 * self::CONDUCTIVITY / (self::DENSITY * self::HEAT * 0.002 ** 2);
            $first = $mesh->layersOf(0.002)[0];

            return abs($bake->profile()[0] - (200 - 180 * self::series($roots, 1 - $first / 2 / 0.002, $fourier)));
        };
        self::assertLessThan($error(new Mesh), $error(new Mesh(32, 0.25)));
        self::assertLessThan($error(new Mesh(32, 0.25)), $error(new Mesh(64, 0.0625)));
    }

    private function slab(float $millimetres, float $contact, Mesh $mesh): BakeUnderWay
    {
        $physics = new Physics(contactRaw: $contact, contactSet: $contact, contactDry: $contact, firstContact: 1.0, openConvection: 1e-12, emissivity: 1e-12);

        return BakeUnderWay::begin(
            new LaidBread(Matter::inert(self::DENSITY, self::HEAT, self::CONDUCTIVITY), $millimetres, 20.0),
            Iron::endless(200.0),
            new KitchenAir,
            $mesh,
            null,
            $physics,
        );
    }

    /** @return list<float> the first roots of ζ tan ζ = Bi */
    private static function roots(float $biot): array
    {
        $roots = [];
        for ($index = 0; $index < 40; $index++) {
            $low = $index * M_PI + 1e-9;
            $high = $index * M_PI + M_PI / 2 - 1e-9;
            for ($halving = 0; $halving < 80; $halving++) {
                $middle = ($low + $high) / 2;
                [$low, $high] = $middle * tan($middle) < $biot ? [$middle, $high] : [$low, $middle];
            }
            $roots[] = ($low + $high) / 2;
        }

        return $roots;
    }

    /**
     * Share of the first difference that is left, at a distance from the insulated face as a share of the thickness.
     *
     * @param list<float> $roots
     */
    private static function series(array $roots, float $fromInsulated, float $fourier): float
    {
        $sum = 0.0;
        foreach ($roots as $root) {
            $sum += 4 * sin($root) / (2 * $root + sin(2 * $root)) * exp(-$root ** 2 * $fourier) * cos($root * $fromInsulated);
        }

        return $sum;
    }
}
