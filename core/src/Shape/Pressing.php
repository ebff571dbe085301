<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/**
 * A round between the plates of a press: in one go, or, where it is wider than they reach, in a ring, press beside press around its rim.
 *
 * A plate of radius w whose centre stands √(R² − w²) from the centre of a round of radius R covers the arc of its rim that has the plate's
 * own diameter as its chord, sin θ = w / R, so that π / θ presses go round. The middle stays covered as long as R ≤ √2 · w.
 */
final readonly class Pressing
{
    /** A pressed disc keeps so far from the rim of the plate, in mm. */
    private const RIM_MILLIMETRES = 4.0;

    /** Less than this beyond it no eye sees, and the rim that a disc keeps has room for it. */
    private const UNSEEN_MILLIMETRES = 1.0;

    /** What each press more takes, in seconds, with turning the liners. Planning estimate. */
    private const SECONDS_A_PRESS = 5.0;

    public function __construct(private float $plateMillimetres)
    {
    }

    /** mm that one press makes at most. */
    public function widestMillimetres(): float
    {
        return max(0.0, $this->plateMillimetres - 2 * self::RIM_MILLIMETRES);
    }

    /** mm that going round makes at most. */
    public function widestInRingMillimetres(): float
    {
        return M_SQRT2 * $this->widestMillimetres();
    }

    /**
     * How often the lever goes down for a round of so many mm, or a piece of its area; null where the plates leave some of it thick. What is
     * longer than wide goes between them whole or not at all.
     */
    public function presses(float $roundMillimetres, Oblong $oblong = new Oblong(1.0)): ?int
    {
        $widest = $this->widestMillimetres();

        return match (true) {
            $oblong->longMillimetres($roundMillimetres) <= $widest + self::UNSEEN_MILLIMETRES => 1,
            $oblong->isRound() && $roundMillimetres <= $this->widestInRingMillimetres() => (int) ceil(M_PI / asin(min(1.0, $widest / $roundMillimetres)) - 1e-9),
            default => null,
        };
    }

    /** mm from the middle of the round to the middle of the plate, at each press around it. */
    public function offsetMillimetres(float $diameterMillimetres): float
    {
        return sqrt(max(0.0, $diameterMillimetres ** 2 - $this->widestMillimetres() ** 2)) / 2;
    }

    /** Seconds that going round takes over one press. */
    public function secondsMore(float $roundMillimetres, Oblong $oblong): float
    {
        return self::SECONDS_A_PRESS * (($this->presses($roundMillimetres, $oblong) ?? 1) - 1);
    }
}
