<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** How one level of a trial came out. */
final readonly class LevelFound
{
    /** @param list<float> $values */
    public function __construct(public Level $level, public array $values)
    {
    }

    public function mean(): ?float
    {
        return $this->values === [] ? null : array_sum($this->values) / count($this->values);
    }
}
