<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Measure\Figure;
use StoneMill\Measure\Learned;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\School\Finish;

/** When to turn, press and lift one bread, and what comes of it. */
final readonly class TurnPlan
{
    /**
     * @param list<TurnWindow> $turns
     * @param list<Face> $faces
     * @param Figure|null $centreCelsius hottest the middle was before the last touch; null where no model told it
     * @param float|null $doneCelsius that the middle should reach; null where no model told it
     * @param SteadyCycle|null $stride of load after load that it is planned in; null where no model told it
     * @param list<FinishRound> $rounds after the griddle; empty where no model told them
     * @param list<Missed> $missed what was wanted and did not come
     * @param bool $puffs whether both faces hold the steam; not told without a model
     */
    public function __construct(
        public Figure $surfaceCelsius,
        public array $turns,
        public TurnWindow $lift,
        public Finish $finish,
        public int $finishSeconds,
        public Figure $weightLossPercent,
        public array $faces,
        public string $basis,
        public ?Figure $centreCelsius = null,
        public array $missed = [],
        public ?SteadyCycle $stride = null,
        public ?float $doneCelsius = null,
        public array $rounds = [],
        public bool $puffs = false,
    ) {
    }

    /**
     * The same with what the record says of it: points of weight that this bread loses beside what is worked out, and where the heat comes from.
     */
    public function known(?Learned $loss, ?string $setting): self
    {
        if ($loss === null && $setting === null) {
            return $this;
        }
        $lost = $this->weightLossPercent;
        if ($loss !== null) {
            $likely = max(0.0, $lost->value + $loss->value);
            $reach = Spread::DECILE_DEVIATIONS * $loss->deviation;
            $lost = Figure::spread(Spread::of(max(0.0, $likely - $reach), $likely, $likely + $reach), Unit::Percent, ...$lost->because)->also(
                Reason::amount('Worked out', $lost->value, Unit::Percent),
                Reason::amount('Stacks that were weighed say beside it, '.$loss->from(), $loss->value, Unit::Point),
            );
        }

        return new self(
            $setting === null ? $this->surfaceCelsius : $this->surfaceCelsius->also(Reason::saying($setting)),
            $this->turns,
            $this->lift,
            $this->finish,
            $this->finishSeconds,
            $lost,
            $this->faces,
            $this->basis,
            $this->centreCelsius,
            $this->missed,
            $this->stride,
            $this->doneCelsius,
            $this->rounds,
            $this->puffs,
        );
    }

    public function lossSpread(): Spread
    {
        return Spread::of($this->weightLossPercent->low, $this->weightLossPercent->value, $this->weightLossPercent->high);
    }

    /** @return non-empty-list<TurnWindow> the turns and the lift, in order */
    public function touches(): array
    {
        return [...$this->turns, $this->lift];
    }
}
