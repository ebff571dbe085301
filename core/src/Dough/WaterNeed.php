<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\NormalDistribution;
use StoneMill\Measure\Spread;
use StoneMill\Measure\TruncatedNormal;

/**
 * The water that a dough wants, from two sources that know nothing of each other. The ledger adds up what each line takes; brands,
 * grinds and cooks differ from it by a tenth and more. Practice says between which hydrations breads of this style are made, and no
 * more: evenly between the ends of its band. Put together by Bayes' rule they are the ledger's normal distribution, cut
 * off at the ends of the band.
 *
 * The band belongs to the style's own formula. For another one it is moved by what the ledger makes of the difference, and widened by
 * half of that, since a difference of two ledgers is no surer than they are: near the style the band leads, far from it the ledger.
 *
 * How much flour is really in a cup is another matter: no practice narrows that. It comes on top, distances as squares.
 */
final readonly class WaterNeed
{
    /** A band of no width would claim to know what nobody knows, in % of the flour base. */
    private const LEAST_WIDTH_PERCENT = 4.0;

    private const DIFFERENCE_DOUBT = 0.5;

    /** So many standard deviations on either side are all of a normal distribution. */
    private const ALL_OF_IT = 8.0;

    private function __construct(
        public float $ledgerGrams,
        public float $bandLowGrams,
        public float $bandHighGrams,
        private TruncatedNormal $belief,
        private float $measuringGrams,
        private ?float $withoutGrams = null,
    ) {
    }

    /**
     * The same, knowing from the record what a share of the flour takes beside what catalogue and practice say of it.
     *
     * @param float $grams that it takes more
     * @param float $deviationGrams of them
     * @param float $share of the flour base that is known; the rest is as unsure as before
     */
    public function knowing(float $grams, float $deviationGrams, float $share): self
    {
        $deviation = hypot($deviationGrams, (1 - $share) * $this->belief->deviation);
        $mean = max(0.0, $this->belief->mean + $grams);
        $reach = self::ALL_OF_IT * $deviation;

        return new self($this->ledgerGrams, $this->bandLowGrams, $this->bandHighGrams, new TruncatedNormal($mean, $deviation, max(0.0, $mean - $reach), $mean + $reach), $this->measuringGrams, $this->belief->mean);
    }

    /** What it would be if nothing had been learned. */
    public function withoutLearningGrams(): float
    {
        return $this->withoutGrams ?? $this->grams();
    }

    /**
     * @param Spread $bandPercent usual hydrations of the style's own formula, in % of the flour base
     * @param float $ownPercent hydration that the ledger gives the style's own formula, as this one is mixed
     */
    public static function of(Ledger $ledger, Spread $bandPercent, float $ownPercent): self
    {
        $percent = $ledger->flourBaseGrams / 100;
        $needed = $ledger->neededGrams();
        $moved = $needed / $percent - $ownPercent;
        $middle = ($bandPercent->low + $bandPercent->high) / 2 + $moved;
        $reach = max(self::LEAST_WIDTH_PERCENT / 2, ($bandPercent->high - $bandPercent->low) / 2) + self::DIFFERENCE_DOUBT * abs($moved);
        // Less than none cannot be poured: where a dough is too wet without any, the band ends there.
        $low = max(0.0, $middle - $reach) * $percent;
        $high = max(0.0, $middle + $reach) * $percent;

        $measuring = $ledger->measuringDeviationGrams();
        $deviation = sqrt(max(1e-12, $ledger->deviationGrams() ** 2 - $measuring ** 2));

        return new self($needed, $low, $high, new TruncatedNormal($needed, $deviation, $low, $high), $measuring);
    }

    public function grams(): float
    {
        return $this->belief->mean;
    }

    public function deviationGrams(): float
    {
        return hypot($this->belief->deviation, $this->measuringGrams);
    }

    /** The amount that is too much with this probability. */
    public function quantile(float $share): float
    {
        $apart = $this->belief->quantile($share) - $this->belief->mean;
        $measured = (new NormalDistribution(0.0, $this->measuringGrams))->quantile($share);

        // Both may lie on different sides of the middle, since the cut distribution leans.
        $squares = $apart * abs($apart) + $measured * abs($measured);

        return max(0.0, $this->belief->mean + ($squares < 0 ? -1 : 1) * sqrt(abs($squares)));
    }

    /** Eight times in ten it lies between these; the middle is what is planned. */
    public function spread(): Spread
    {
        $mean = $this->grams();

        return Spread::of(min($mean, $this->quantile(0.1)), $mean, max($mean, $this->quantile(0.9)));
    }
}
