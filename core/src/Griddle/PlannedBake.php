<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\RestingIron;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;

/** A bread baked by the model, touched when its school would touch it. */
final readonly class PlannedBake
{
    /** Two pieces of one batch, and model and griddle, differ by about this share. Planning estimate. */
    private const LOSS_REACH = 0.25;

    private const CENTRE_REACH = 4.0;

    private const BASIS = 'model of heat and water';

    /**
     * @param non-empty-list<TurnWindow> $touches the turns and the lift
     * @param RestingIron $metal that it was lifted from, as it was then
     * @param Missed|null $unset where the first face never let go
     * @param list<FinishRound> $rounds after the griddle
     */
    public function __construct(
        public Laying $laying,
        public Griddling $work,
        public array $touches,
        public float $liftedAtSeconds,
        public float $centreBeforeLift,
        public RestingIron $metal,
        private ?Missed $unset = null,
        public array $rounds = [],
    ) {
    }

    /** @return list<Missed> what was wanted and did not come */
    public function missed(): array
    {
        return (new Outcome($this))->missed();
    }

    /** @return list<Missed> */
    public function unset(): array
    {
        return $this->unset === null ? [] : [$this->unset];
    }

    /** The hottest that the middle was, on the metal or in the finish. */
    public function hottestCentreCelsius(): float
    {
        return max($this->centreBeforeLift, $this->work->bake->centreCelsius());
    }

    public function plan(): TurnPlan
    {
        $loss = 100 * $this->work->bake->lossShare();
        $finishSeconds = (int) round($this->work->bake->secondsOn() - $this->liftedAtSeconds);

        return new TurnPlan(
            surfaceCelsius: Figure::exact(
                $this->laying->surfaceCelsius(),
                Unit::Celsius,
                Reason::amount('Usual for this bread from', $this->laying->usual->surfaceCelsius->low, Unit::Celsius),
                Reason::amount('to', $this->laying->usual->surfaceCelsius->high, Unit::Celsius),
            ),
            turns: array_slice($this->touches, 0, -1),
            lift: $this->touches[count($this->touches) - 1],
            finish: $this->laying->school->finish(),
            finishSeconds: $finishSeconds,
            weightLossPercent: Figure::spread(
                Spread::of(max(0.0, $loss * (1 - self::LOSS_REACH)), max(0.0, $loss), max(0.0, $loss * (1 + self::LOSS_REACH))),
                Unit::Percent,
                Reason::amount('Wanted for this bread', 100 * ($this->laying->aim->lossShare + $this->laying->aim->lossBeside), Unit::Percent),
                Reason::amount('Time on the metal', $this->liftedAtSeconds, Unit::Second),
                Reason::saying('Water that boils out of the faces and dries off the open side.'),
            ),
            faces: $this->faces(),
            basis: self::BASIS,
            centreCelsius: Figure::spread(
                Spread::of($this->centreBeforeLift - self::CENTRE_REACH, $this->centreBeforeLift, $this->centreBeforeLift + 1),
                Unit::Celsius,
                Reason::amount('Wanted at least', $this->laying->aim->doneCelsius, Unit::Celsius),
                Reason::amount('Thickness', $this->laying->thicknessMillimetres(), Unit::Millimetre),
            ),
            missed: $this->missed(),
            stride: $this->laying->stride,
            doneCelsius: $this->laying->aim->doneCelsius,
            rounds: $this->rounds,
            puffs: $this->work->bake->isPuffed(),
        );
    }

    /** @return list<Face> */
    public function faces(): array
    {
        [$first, $second] = $this->work->bake->faces();

        return [Face::baked('first', $first), Face::baked('second', $second)];
    }

    /** Mean over the thickness of the starch that has swollen; null where the flour's range is not known. */
    public function swollenShare(): ?float
    {
        $swelling = $this->laying->bread->matter->swelling;
        if ($swelling === null) {
            return null;
        }
        $share = 0.0;
        $bake = $this->work->bake;
        $depths = $bake->mesh->layersOf($bake->bread->thicknessMillimetres / 1000);
        $peaks = $bake->peaks();
        $whole = array_sum($depths);
        foreach ($depths as $layer => $depth) {
            $share += $depth / $whole * $swelling->shareAt($peaks[$layer]);
        }

        return $share;
    }
}
