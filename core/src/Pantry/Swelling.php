<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Measure\Exception\OutOfRange;

/** The range in which a flour's starch takes up hot water and swells. */
final readonly class Swelling
{
    /** What tells one range from another. */
    public string $key;

    private function __construct(public float $onsetCelsius, public float $peakCelsius, public float $endCelsius)
    {
        $this->key = "$onsetCelsius $peakCelsius $endCelsius";
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

    /** Share of the starch that has swollen at this temperature: the cumulative of a triangle from onset over peak to end. Never falls as it rises. */
    public function shareAt(float $celsius): float
    {
        if ($celsius <= $this->onsetCelsius || $celsius >= $this->endCelsius) {
            return $celsius >= $this->endCelsius ? 1.0 : 0.0;
        }
        $range = $this->endCelsius - $this->onsetCelsius;

        return $celsius <= $this->peakCelsius
            ? ($celsius - $this->onsetCelsius) ** 2 / ($range * ($this->peakCelsius - $this->onsetCelsius))
            : 1 - ($this->endCelsius - $celsius) ** 2 / ($range * ($this->endCelsius - $this->peakCelsius));
    }
}
