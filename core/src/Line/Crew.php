<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** Who and what works: pairs of hands, places on the griddle, and when it is hot, in seconds from the first piece weighed. */
final readonly class Crew
{
    public function __construct(public int $hands, public int $places, public float $hotAt = 0.0)
    {
    }

    /** The same once the griddle is hot. */
    public function whenHot(): self
    {
        return new self($this->hands, $this->places);
    }
}
