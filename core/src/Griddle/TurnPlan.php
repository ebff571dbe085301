<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Measure\Figure;
use StoneMill\Measure\Spread;

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
     */
    public function __construct(
        public Figure $surfaceCelsius,
        public array $turns,
        public TurnWindow $lift,
        public string $finish,
        public int $finishSeconds,
        public Figure $weightLossPercent,
        public array $faces,
        public string $basis,
        public ?Figure $centreCelsius = null,
        public array $missed = [],
        public ?SteadyCycle $stride = null,
        public ?float $doneCelsius = null,
        public array $rounds = [],
    ) {
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
