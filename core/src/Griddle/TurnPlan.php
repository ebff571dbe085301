<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Measure\Figure;

/** When to turn, press and lift one bread, and what comes of it. */
final readonly class TurnPlan
{
    /**
     * @param list<TurnWindow> $turns
     * @param list<Face> $faces
     */
    public function __construct(
        public Figure $surfaceCelsius,
        public array $turns,
        public TurnWindow $lift,
        public string $finish,
        public int $finishSeconds,
        public Figure $weightLossPercent,
        public array $faces,
    ) {
    }

    /** @return list<TurnWindow> the turns and the lift, in order */
    public function touches(): array
    {
        return [...$this->turns, $this->lift];
    }
}
