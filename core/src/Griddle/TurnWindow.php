<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\TurnAction;

/** One touch of a bread on the griddle: when, and between when and when it is still good. Seconds since it was laid. */
final readonly class TurnWindow
{
    public function __construct(
        public TurnAction $action,
        public float $atSeconds,
        public float $fromSeconds,
        public float $toSeconds,
    ) {
    }

    /** @return array{action: string, at_seconds: float, from_seconds: float, to_seconds: float} */
    public function toArray(): array
    {
        return [
            'action' => $this->action->value,
            'at_seconds' => round($this->atSeconds, 1),
            'from_seconds' => round($this->fromSeconds, 1),
            'to_seconds' => round($this->toSeconds, 1),
        ];
    }
}
