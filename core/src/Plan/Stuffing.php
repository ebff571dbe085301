<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Shape\Stuffed;

/** A piece of this dough closed over a filling. */
final readonly class Stuffing
{
    /** Binding that a filled bread needs beyond its style's own, in points. As Purpose::Fill has it. */
    private const BINDING_POINTS = 5.0;

    /** Times the least wall that is left where the cook wished no thickness: hands press unevenly. Planning estimate. */
    public const RESERVE = 1.25;

    public function __construct(private DoughPlan $dough, private float $pieceGrams, private float $doughDensity)
    {
    }

    /**
     * @param float $fillingDensity in g/mL
     *
     * @throws OutOfRange If there is more filling than three times the dough, or a measure is not positive.
     */
    public function pressedTo(float $thicknessMillimetres, float $fillingGrams, float $fillingDensity): Stuffed
    {
        $binding = $this->dough->ledger->bindingIndex() / max(1.0, $this->dough->bindingNeed->index + self::BINDING_POINTS);

        return Stuffed::of($this->pieceGrams, $fillingGrams, $thicknessMillimetres, $this->doughDensity, $fillingDensity, max(0.05, $binding));
    }

    /**
     * As thin as the bread is usually, or as its wall allows.
     *
     * @throws OutOfRange As pressedTo().
     */
    public function pressedSafely(float $usualMillimetres, float $fillingGrams, float $fillingDensity): Stuffed
    {
        $thin = $this->pressedTo($usualMillimetres, $fillingGrams, $fillingDensity);

        return $thin->pressedTo(max($usualMillimetres, $thin->leastThicknessMillimetres(self::RESERVE)));
    }
}
