<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\Rounding;

/** Batter by the pan: how deep, how much to pour each time, how many times, and what another pan does. */
final readonly class Batter
{
    /** Thicker than this by another pan is worth saying; times go with about the thickness to the power 1.5. Planning estimate. */
    private const TIME_EXPONENT = 1.5;

    /** @throws OutOfRange If there is no batter, or it is not as dense as a batter. */
    public function __construct(private float $batterGrams, private float $gramsPerMillilitre)
    {
        OutOfRange::guard('batter in g', $batterGrams, 1, 1e6);
        OutOfRange::guard('density of the batter in g/mL', $gramsPerMillilitre, 0.2, 2);
    }

    /**
     * Equal pours of about this depth.
     *
     * @param float $stepGrams that the scale shows
     * @return array<string, mixed>
     */
    public function poured(Pan $pan, float $depthMillimetres, float $stepGrams, ?Pan $other): array
    {
        $wanted = $pan->millilitresTo($depthMillimetres) * $this->gramsPerMillilitre;
        $rounds = max(1, (int) round($this->batterGrams / $wanted));
        $pour = $this->batterGrams / $rounds;
        $depth = $pan->depthOf($pour / $this->gramsPerMillilitre);

        return [
            'rounds' => $rounds,
            'pour_grams' => round($pour, 1),
            'pour_millilitres' => round($pour / $this->gramsPerMillilitre, 1),
            'depth_mm' => round($depth, 2),
            'overflows' => $depth > $pan->heightMillimetres,
            'marks' => Countdown::from($this->batterGrams, $rounds, min($stepGrams, $pour))->marks,
            'wanted_depth_mm' => round($depthMillimetres, 2),
            'whole_pans_left_grams' => round(Rounding::toStep($this->batterGrams - floor($this->batterGrams / $wanted) * $wanted, 0.1), 1),
            'other' => $other === null ? null : $this->inAnother($other, $pour, $depth),
        ];
    }

    /** @return array<string, mixed> */
    private function inAnother(Pan $other, float $pourGrams, float $depthMillimetres): array
    {
        $same = $other->depthOf($pourGrams / $this->gramsPerMillilitre);
        $grams = $other->millilitresTo($depthMillimetres) * $this->gramsPerMillilitre;

        return [
            'same_pour_depth_mm' => round($same, 2),
            'same_pour_time_factor' => round(($same / $depthMillimetres) ** self::TIME_EXPONENT, 2),
            'same_depth_grams' => round($grams, 1),
            'same_depth_rounds' => round($this->batterGrams / $grams, 2),
            'overflows' => $same > $other->heightMillimetres,
        ];
    }
}
