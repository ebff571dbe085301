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

    /** The same at so many times its moment. */
    public function stretched(float $factor): self
    {
        return new self($this->action, $factor * $this->atSeconds, $factor * $this->fromSeconds, $factor * $this->toSeconds);
    }
}
