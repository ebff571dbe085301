<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Colour;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\NormalDistribution;
use StoneMill\Measure\Spread;
use StoneMill\School\TurnSchool;

/** What the bread should be when it leaves the heat. */
final readonly class Aim
{
    /** The middle of a thin bread, and of one too thick to be hot at once. */
    private const DONE_CELSIUS = 95.0;

    private const THICK_DONE_CELSIUS = 94.0;

    /** Up to the first a bread is thin and ready by the weight it lost; from the second on it is thick and ready by colour and middle. Planning estimates. */
    public const THIN_MILLIMETRES = 6.0;

    private const THICK_MILLIMETRES = 12.0;

    /** What may be asked for. */
    public const LEAST_SHADE = 0.05;

    public const MOST_SHADE = 0.85;

    public const LEAST_LOSS_PERCENT = 2;

    public const MOST_LOSS_PERCENT = 50;

    /** Darker than this no face is left, unless that was wished. */
    private const DARK_SHADE = 0.66;

    private const SHADE_REACH = 0.1;

    /** What comes this near to a wish still meets it: in shade, and as a share of the loss. */
    private const NEAR_SHADE = 0.12;

    private const NEAR_LOSS = 0.15;

    /** Brownness grows with about this power of the time on the metal: 1.9 to 2.4 in the model's own runs of the styles; loss with its first, 1.2 to 1.5. */
    private const COLOUR_POWER = 2.0;

    private const FAINT_SHADE = 0.02;

    private const LEAST_LOSS = 0.01;

    private const LEAST_DEVIATION = 0.02;

    /** Share of its weight that it may lose, about the share wished. */
    public Spread $losses;

    /** Shades that its faces may have, about the shade wished. */
    public Spread $shades;

    /** Whether a cook asked for this very loss; then no other sign comes before it. */
    public bool $wishesLoss;

    public bool $wishesShade;

    /**
     * @param float $lossShare as the model counts it
     * @param Spread|null $losses that count as met; null for near the wish
     * @param Spread|null $shades that count as met; null for near the wish
     *
     * @param float $lossBeside share that the bread is known to lose beside what the model counts
     *
     * @throws OutOfRange If the bread should lose no water or all of it, be raw or black, or be colder than warm.
     */
    public function __construct(public float $lossShare, public float $shade, public float $doneCelsius, public bool $wantsPuff, ?Spread $losses = null, ?Spread $shades = null, public float $lossBeside = 0.0)
    {
        OutOfRange::guard('share of weight to lose', $lossShare, 0.01, 0.6);
        OutOfRange::guard('shade of the faces', $shade, 0.02, 0.9);
        OutOfRange::guard('temperature of the middle in °C', $doneCelsius, 60, 100);
        $this->wishesLoss = $losses === null;
        $this->wishesShade = $shades === null;
        $this->losses = $losses ?? Spread::of((1 - self::NEAR_LOSS) * $lossShare, $lossShare, (1 + self::NEAR_LOSS) * $lossShare);
        $this->shades = $shades ?? Spread::of(max(0.0, $shade - self::NEAR_SHADE), $shade, min(1.0, $shade + self::NEAR_SHADE));
    }

    public static function of(UsualBaking $usual, TurnSchool $school, float $thicknessMillimetres): self
    {
        return new self(
            $usual->weightLossPercent->likely / 100,
            $usual->shade->likely,
            self::DONE_CELSIUS + (self::THICK_DONE_CELSIUS - self::DONE_CELSIUS) * self::thickness($thicknessMillimetres),
            $school === TurnSchool::ThreeWithPress || $school === TurnSchool::FlameFinish,
            $usual->weightLossPercent->multipliedBy(0.01),
            $usual->shade,
        );
    }

    /** The same with a cook's own loss, shade, middle and puff, where one was wished. */
    public function wishing(?float $lossShare, ?float $shade, ?float $doneCelsius = null, ?bool $wantsPuff = null): self
    {
        return new self(
            $lossShare === null ? $this->lossShare : max(self::LEAST_LOSS, $lossShare - $this->lossBeside),
            $shade ?? $this->shade,
            $doneCelsius ?? $this->doneCelsius,
            $wantsPuff ?? $this->wantsPuff,
            $lossShare === null && ! $this->wishesLoss ? $this->losses : null,
            $shade === null && ! $this->wishesShade ? $this->shades : null,
            $this->lossBeside,
        );
    }

    /** The same for a bread that is meant to be so many points of weight drier and so much darker than its kind. */
    public function leaning(float $lossPoints, float $darker): self
    {
        if ($lossPoints === 0.0 && $darker === 0.0) {
            return $this;
        }
        $loss = static fn (float $share): float => max(self::LEAST_LOSS, $share + $lossPoints / 100);
        $shade = static fn (float $shade): float => max(self::FAINT_SHADE, min(self::MOST_SHADE, $shade + $darker));

        return new self(
            $loss($this->lossShare),
            $shade($this->shade),
            $this->doneCelsius,
            $this->wantsPuff,
            Spread::of($loss($this->losses->low), $loss($this->losses->likely), $loss($this->losses->high)),
            Spread::of($shade($this->shades->low), $shade($this->shades->likely), $shade($this->shades->high)),
            $this->lossBeside,
        );
    }

    /** The same for a bread that is known to lose so much beside what the model counts: less is left for the model. */
    public function losingBeside(float $share): self
    {
        if ($share === 0.0) {
            return $this;
        }
        $left = static fn (float $loss): float => max(self::LEAST_LOSS, $loss - $share);

        return new self(
            $left($this->lossShare),
            $this->shade,
            $this->doneCelsius,
            $this->wantsPuff,
            $this->wishesLoss ? null : Spread::of($left($this->losses->low), $left($this->losses->likely), $left($this->losses->high)),
            $this->wishesShade ? null : $this->shades,
            $share,
        );
    }

    /** How thick a bread is, from 0 for thin to 1 for thick, without a step between. */
    public static function thickness(float $millimetres): float
    {
        $share = max(0.0, min(1.0, ($millimetres - self::THIN_MILLIMETRES) / (self::THICK_MILLIMETRES - self::THIN_MILLIMETRES)));

        return $share * $share * (3 - 2 * $share);
    }

    /** No face is left to get darker than this. */
    public function mostBrownness(): float
    {
        return Colour::ofShade(max(self::DARK_SHADE, $this->shade + self::SHADE_REACH));
    }

    /**
     * How far a thin bread is told by its colour, in the geometric mean of colour and loss. Both say when it is due: a band of losses and a band
     * of shades, each as a spread of the logarithm of the time. Loss grows with the time, brownness about with its square, so that the time is known
     * to σ_L and to σ_B / 2; put together by precision, the colour has the share s = p_B / (p_B + p_L) in the time, which is s / (2 − s) in the mean.
     */
    public function colourWeight(): float
    {
        if ($this->wishesLoss) {
            return 0.0;
        }
        $byLoss = self::logarithmicDeviation($this->losses->low, $this->losses->high) ** -2;
        $byColour = (self::COLOUR_POWER / self::logarithmicDeviation(Colour::ofShade(max(self::FAINT_SHADE, $this->shades->low)), Colour::ofShade($this->shades->high))) ** 2;
        $share = $byColour / ($byColour + $byLoss);

        return $share / (self::COLOUR_POWER - (self::COLOUR_POWER - 1) * $share);
    }

    /** Low and high are the 10 % and 90 % quantiles. */
    private static function logarithmicDeviation(float $low, float $high): float
    {
        return max(self::LEAST_DEVIATION, log($high / $low) / (2 * (new NormalDistribution(0, 1))->quantile(0.9)));
    }

    public function brownness(): float
    {
        return Colour::ofShade($this->shade);
    }
}
