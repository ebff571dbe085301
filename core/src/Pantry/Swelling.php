<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Measure\Exception\OutOfRange;

/** The range in which a flour's starch takes up hot water and swells. */
final readonly class Swelling
{
    /**
     * Water poured over flour does not mix at once: where it lands the flour is far hotter than the mean, elsewhere colder.
     * The range is widened by this much on each side. Own estimate, to be corrected by measured bowls.
     */
    private const UNEVENNESS_KELVIN = 12.0;

    private function __construct(public float $onsetCelsius, public float $peakCelsius, public float $endCelsius)
    {
    }

    /** @throws OutOfRange If the three are not in order or not between 30 and 130 °C. */
    public static function between(float $onsetCelsius, float $peakCelsius, float $endCelsius): self
    {
        return new self(
            OutOfRange::guard('onset of swelling in °C', $onsetCelsius, 30, $peakCelsius),
            OutOfRange::guard('peak of swelling in °C', $peakCelsius, $onsetCelsius, $endCelsius),
            OutOfRange::guard('end of swelling in °C', $endCelsius, $peakCelsius, 130),
        );
    }

    /**
     * Share of the starch that has swollen at a temperature of the bowl, widened by its unevenness. Never falls as the
     * temperature rises.
     */
    public function shareAt(float $celsius): float
    {
        return $this->share($celsius, self::UNEVENNESS_KELVIN);
    }

    /** The same where all the starch has just this temperature, as in a thin layer of a bread. */
    public function shareInLayer(float $celsius): float
    {
        return $this->share($celsius, 0.0);
    }

    /** The cumulative of a triangle from onset over peak to end. */
    private function share(float $celsius, float $widening): float
    {
        $onset = $this->onsetCelsius - $widening;
        $end = $this->endCelsius + $widening;
        if ($celsius <= $onset || $celsius >= $end) {
            return $celsius >= $end ? 1.0 : 0.0;
        }

        return $celsius <= $this->peakCelsius
            ? ($celsius - $onset) ** 2 / (($end - $onset) * ($this->peakCelsius - $onset))
            : 1 - ($end - $celsius) ** 2 / (($end - $onset) * ($end - $this->peakCelsius));
    }
}
