<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Mixing;

/**
 * Whether hot water swells as much starch as the bread wants, and what to do where it cannot: hotter water, a
 * pre-warmed bowl, or some of the flour in the pot.
 */
final readonly class ScaldAdvice
{
    private const KETTLE_CELSIUS = 97.0;

    private const WARM_BOWL_CELSIUS = 90.0;

    private const POT_STEP = 0.05;

    private function __construct(
        public float $wantedShare,
        private float $plannedShare,
        public float $boilingCelsius,
        public float $boilingShare,
        public float $warmBowlCelsius,
        public float $warmBowlShare,
        public ?float $neededWaterCelsius,
        public ?float $neededPotShare,
    ) {
    }

    /**
     * @param callable(float, float|null): Mixing $mixing the dough with a share of its flour in the pot and a bowl of a temperature
     * @param float $plannedShare of swollen starch as the batch is planned
     */
    public static function of(callable $mixing, float $waterGrams, float $wantedShare, float $plannedShare): self
    {
        $plain = $mixing(0.0, null);
        $warm = $mixing(0.0, self::WARM_BOWL_CELSIUS);
        $share = static fn (Mixing $dough, float $waterCelsius): float => $dough->ledgerAt($dough->warmth($waterGrams, $waterCelsius))->swollenShare();

        return new self(
            $wantedShare,
            $plannedShare,
            $plain->celsius($waterGrams, self::KETTLE_CELSIUS),
            $share($plain, self::KETTLE_CELSIUS),
            $warm->celsius($waterGrams, self::KETTLE_CELSIUS),
            $share($warm, self::KETTLE_CELSIUS),
            self::leastCelsius($wantedShare, static fn (float $celsius): float => $share($plain, $celsius)),
            self::leastPotShare($wantedShare, static fn (float $pot): float => $share($mixing($pot, null), self::KETTLE_CELSIUS)),
        );
    }

    public function fallsShort(): bool
    {
        return $this->plannedShare < $this->wantedShare - 1e-9;
    }

    public function inWords(): string
    {
        $reach = sprintf('Boiling water alone reaches %.0f °C here and swells %.0f %% of the starch', $this->boilingCelsius, 100 * $this->boilingShare);
        if ($this->boilingShare >= $this->wantedShare) {
            return sprintf('%s; this bread wants %.0f %%, for which %.0f °C are enough.', $reach, 100 * $this->wantedShare, $this->neededWaterCelsius ?? self::KETTLE_CELSIUS);
        }
        $bowl = $this->warmBowlShare >= $this->wantedShare ? 'pre-warm the bowl, or ' : '';

        return sprintf('%s of the %.0f %% this bread wants: %scook %.0f %% of the flour in the pot.', $reach, 100 * $this->wantedShare, $bowl, 100 * ($this->neededPotShare ?? 1.0));
    }

    /** @param callable(float): float $share never falls as the water gets hotter */
    private static function leastCelsius(float $wanted, callable $share): ?float
    {
        $low = 20.0;
        $high = self::KETTLE_CELSIUS;
        if ($share($high) < $wanted) {
            return null;
        }
        while ($high - $low > 0.25) {
            $middle = ($low + $high) / 2;
            $share($middle) >= $wanted ? $high = $middle : $low = $middle;
        }

        return $high;
    }

    /** @param callable(float): float $share never falls as more of the flour is cooked */
    private static function leastPotShare(float $wanted, callable $share): ?float
    {
        $steps = (int) round(1 / self::POT_STEP);
        if ($share(1.0) < $wanted) {
            return null;
        }
        [$low, $high] = [0, $steps];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $share($middle / $steps) >= $wanted ? $high = $middle : $low = $middle;
        }

        return round($high / $steps, 2);
    }
}
