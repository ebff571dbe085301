<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\School\Doneness;

/**
 * How many times as long as planned a bread lies until it looks done, from what the cook saw at its touches. Before anything was seen it
 * is 1, give or take 15 %; a face that is right now says its time give or take 12 %, one that is not yet right or too dark says on which
 * side of it the right time lies (planning estimates). With s = ln of the factor and r = ln of time over planned time:
 *
 *   p(s) ∝ exp(−s²/2·0.15²) · Π exp(−(s−r)²/2·0.12²) · Π Φ((s−r)/0.12) · Π Φ((r−s)/0.12)
 *
 * and the factor is exp of the mean of s, summed over a grid.
 */
final readonly class GriddlePace
{
    private const PRIOR_DEVIATION = 0.15;

    private const EYE_DEVIATION = 0.12;

    /** Beyond these the heat is wrong, and no other time mends it. */
    private const REACH = 0.6;

    private const STEPS = 120;

    private function __construct(public float $factor, public int $signs)
    {
    }

    /** @param list<array{float, Doneness}> $seen time since the touch before, over the planned time */
    public static function of(array $seen): self
    {
        $seen = array_values(array_filter($seen, static fn (array $one): bool => $one[0] > 0));
        if ($seen === []) {
            return new self(1.0, 0);
        }
        $weights = $sum = 0.0;
        for ($step = 0; $step <= self::STEPS; $step++) {
            $s = self::REACH * (2 * $step / self::STEPS - 1);
            $weight = exp(-$s ** 2 / (2 * self::PRIOR_DEVIATION ** 2));
            foreach ($seen as [$ratio, $sign]) {
                $weight *= self::likelihood($s - log($ratio), $sign);
            }
            $weights += $weight;
            $sum += $s * $weight;
        }

        // So far off that no grid reaches it: as far as it reaches, on the side that was seen.
        return new self($weights > 0 ? exp($sum / $weights) : exp(self::REACH * (log($seen[0][0]) <=> 0.0)), count($seen));
    }

    /** In words; null where nothing was seen, or it makes no difference. */
    public function inWords(): ?string
    {
        $percent = (int) round(100 * abs($this->factor - 1));

        return $this->signs === 0 || $percent < 2 ? null : sprintf('By what you saw, each lies %d %% %s than planned.', $percent, $this->factor > 1 ? 'longer' : 'shorter');
    }

    private static function likelihood(float $off, Doneness $sign): float
    {
        $z = $off / self::EYE_DEVIATION;

        return match ($sign) {
            Doneness::Now => exp(-$z ** 2 / 2),
            Doneness::NotYet => self::normal($z),
            Doneness::TooDark => self::normal(-$z),
        };
    }

    /** Φ by the logistic that follows it to 0.01. */
    private static function normal(float $z): float
    {
        return 1 / (1 + exp(-1.702 * $z));
    }
}
