<?php

declare(strict_types=1);

namespace StoneMill\Hearth;

use StoneMill\Hearth\Exception\TooFewReadings;
use StoneMill\Measure\Exception\OutOfRange;

/**
 * How a griddle warms at one knob setting: T(t) = T∞ − (T∞ − T₀) e^(−t/τ), fitted to readings by least squares. For each τ
 * the best T∞ and T₀ are a straight line's; τ is found by golden section over its logarithm.
 */
final readonly class WarmUp
{
    private const LEAST_SECONDS = 20.0;

    private const MOST_SECONDS = 3600.0;

    private const GOLDEN = 0.6180339887498949;

    private const ROUNDS = 60;

    /** Two readings of one spot differ by about this. Planning estimate for household infrared and contact thermometers. */
    private const READING_DEVIATION = 4.0;

    private function __construct(
        public float $finalCelsius,
        public float $startCelsius,
        public float $timeConstantSeconds,
        public float $deviationCelsius,
        public float $finalDeviationCelsius,
    ) {
    }

    /**
     * @param list<array{seconds: float, celsius: float}> $readings
     *
     * @throws TooFewReadings If there are fewer than three, or they lie within a minute.
     */
    public static function fitted(array $readings): self
    {
        $times = array_column($readings, 'seconds');
        if (count($times) < 3 || max($times) - min($times) < 60) {
            throw TooFewReadings::got(count($readings));
        }
        $low = log(self::LEAST_SECONDS);
        $high = log(self::MOST_SECONDS);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $left = $high - self::GOLDEN * ($high - $low);
            $right = $low + self::GOLDEN * ($high - $low);
            [$low, $high] = self::line($readings, exp($left))['squares'] < self::line($readings, exp($right))['squares'] ? [$low, $right] : [$left, $high];
        }
        $constant = exp(($low + $high) / 2);
        $line = self::line($readings, $constant);
        // Three numbers are fitted; with few readings the thermometer's own spread speaks for them.
        $deviation = max(self::READING_DEVIATION, sqrt($line['squares'] / max(1, count($readings) - 3)));

        return new self($line['final'], $line['final'] + $line['slope'], $constant, $deviation, $deviation * $line['finalShare']);
    }

    public function at(float $seconds): float
    {
        return $this->finalCelsius + ($this->startCelsius - $this->finalCelsius) * exp(-$seconds / $this->timeConstantSeconds);
    }

    /** Seconds until it is this hot; null where it never will be. */
    public function secondsUntil(float $celsius): ?float
    {
        if ($celsius <= $this->startCelsius) {
            return 0.0;
        }
        $share = ($this->finalCelsius - $celsius) / ($this->finalCelsius - $this->startCelsius);

        return $share <= 0 ? null : -$this->timeConstantSeconds * log($share);
    }

    /**
     * The best straight line in x = e^(−t/τ).
     *
     * @param list<array{seconds: float, celsius: float}> $readings
     * @return array{final: float, slope: float, squares: float, finalShare: float}
     */
    private static function line(array $readings, float $constant): array
    {
        $count = count($readings);
        $xs = array_map(static fn (array $reading): float => exp(-$reading['seconds'] / $constant), $readings);
        $meanX = array_sum($xs) / $count;
        $meanY = array_sum(array_column($readings, 'celsius')) / $count;
        $xx = 0.0;
        $xy = 0.0;
        foreach ($readings as $index => ['celsius' => $celsius]) {
            $xx += ($xs[$index] - $meanX) ** 2;
            $xy += ($xs[$index] - $meanX) * ($celsius - $meanY);
        }
        OutOfRange::guard('spread of the readings in time', $xx, 1e-12, 1e12);
        $slope = $xy / $xx;
        $final = $meanY - $slope * $meanX;
        $squares = 0.0;
        foreach ($readings as $index => ['celsius' => $celsius]) {
            $squares += ($celsius - $final - $slope * $xs[$index]) ** 2;
        }

        return ['final' => $final, 'slope' => $slope, 'squares' => $squares, 'finalShare' => sqrt(1 / $count + $meanX ** 2 / $xx)];
    }
}
