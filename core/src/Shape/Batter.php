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
     */
    public function poured(Pan $pan, float $depthMillimetres, float $stepGrams, ?Pan $other): PouredBatter
    {
        $wanted = $pan->millilitresTo($depthMillimetres) * $this->gramsPerMillilitre;
        $rounds = max(1, (int) round($this->batterGrams / $wanted));
        $pour = $this->batterGrams / $rounds;
        $depth = $pan->depthOf($pour / $this->gramsPerMillilitre);

        return new PouredBatter(
            rounds: $rounds,
            pourGrams: $pour,
            pourMillilitres: $pour / $this->gramsPerMillilitre,
            depthMillimetres: $depth,
            overflows: $depth > $pan->heightMillimetres,
            marks: Countdown::from($this->batterGrams, $rounds, min($stepGrams, $pour))->marks,
            wantedDepthMillimetres: $depthMillimetres,
            wholePansLeftGrams: Rounding::toStep($this->batterGrams - floor($this->batterGrams / $wanted) * $wanted, 0.1),
            inAnother: $other === null ? null : $this->inAnother($other, $pour, $depth),
        );
    }

    private function inAnother(Pan $other, float $pourGrams, float $depthMillimetres): OtherPan
    {
        $same = $other->depthOf($pourGrams / $this->gramsPerMillilitre);
        $grams = $other->millilitresTo($depthMillimetres) * $this->gramsPerMillilitre;

        return new OtherPan($same, ($same / $depthMillimetres) ** self::TIME_EXPONENT, $grams, $this->batterGrams / $grams, $same > $other->heightMillimetres);
    }
}
