<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\Spread;

/**
 * How long a yeast dough takes to grow. The rate follows the cardinal temperature model with inflection of
 * Rosso, Lobry and Flandrois (1993):
 *
 *   γ(T) = (T − Tmax)(T − Tmin)² / ((To − Tmin)·((To − Tmin)(T − To) − (To − Tmax)(To + Tmin − 2T)))
 *
 * with Tmin 4, To 35, Tmax 46 °C, within what is published for baker's yeast. At 30 °C, with 1.5 % instant yeast, a
 * gluten-free dough grows by half in about 45 minutes: a planning estimate, hence the wide band.
 */
final readonly class Rise
{
    public const BLOOM_CELSIUS = [38.0, 43.0];

    public const HARMED_CELSIUS = 50.0;

    public const DEAD_CELSIUS = 60.0;

    public const DEFAULT_GROWTH = 1.5;

    private const CARDINAL = [4.0, 35.0, 46.0];

    private const REFERENCE = ['celsius' => 30.0, 'minutes' => 45.0, 'percent' => 1.5, 'growth' => 1.5];

    private const AMOUNT_EXPONENT = 0.8;

    private const ACTIVE_DRY_STRENGTH = 0.8;

    /** A covered bowl comes this long after the room (time constant). Planning estimate. */
    private const BOWL_MINUTES = 120.0;

    private const REACH = 0.3;

    private const LONGEST_MINUTES = 24 * 60.0;

    private function __construct(public ?Spread $minutes, public float $growth, public float $meanCelsius)
    {
    }

    /**
     * @param float $yeastPercent instant dry yeast in % of flour base, or what stands for it
     *
     * @throws OutOfRange If there is no yeast or the growth is none.
     */
    public static function of(float $doughCelsius, float $roomCelsius, float $yeastPercent, float $growth): self
    {
        OutOfRange::guard('yeast in % of flour base', $yeastPercent, 1e-3, 100);
        OutOfRange::guard('growth', $growth, 1.05, 4);
        $minutes = self::REFERENCE['minutes'];
        $mean = $doughCelsius;
        // The dough drifts towards the room while it rises; a few rounds settle time and mean temperature.
        for ($round = 0; $round < 12; $round++) {
            $mean = self::meanCelsius($doughCelsius, $roomCelsius, $minutes);
            $rate = self::rate($mean);
            if ($rate < 1e-3) {
                return new self(null, $growth, $mean);
            }
            $minutes = min(self::LONGEST_MINUTES, self::REFERENCE['minutes'] * self::rate(self::REFERENCE['celsius']) / $rate
                * log($growth) / log(self::REFERENCE['growth'])
                * (self::REFERENCE['percent'] / $yeastPercent) ** self::AMOUNT_EXPONENT);
        }

        return new self(Spread::of($minutes * (1 - self::REACH), $minutes, $minutes * (1 + self::REACH)), $growth, $mean);
    }

    /** Instant yeast that does as much as so much active dry yeast. */
    public static function asInstant(float $activeDryGrams): float
    {
        return $activeDryGrams * self::ACTIVE_DRY_STRENGTH;
    }

    /** Growth rate as a share of the fastest; zero outside the cardinal temperatures. */
    public static function rate(float $celsius): float
    {
        [$least, $best, $most] = self::CARDINAL;
        if ($celsius <= $least || $celsius >= $most) {
            return 0.0;
        }

        return ($celsius - $most) * ($celsius - $least) ** 2
            / (($best - $least) * (($best - $least) * ($celsius - $best) - ($best - $most) * ($best + $least - 2 * $celsius)));
    }

    private static function meanCelsius(float $dough, float $room, float $minutes): float
    {
        $share = $minutes / self::BOWL_MINUTES;

        return $room + ($dough - $room) * (1 - exp(-$share)) / $share;
    }
}
