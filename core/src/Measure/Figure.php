<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/**
 * A number as the cook sees it: likely value, the band that holds it eight times in ten
 * (10 % and 90 % quantile), its unit, and why.
 */
final readonly class Figure
{
    /** @param list<Reason> $because */
    private function __construct(
        public float $value,
        public float $low,
        public float $high,
        public Unit $unit,
        public array $because,
    ) {
    }

    public static function exact(float $value, Unit $unit, Reason ...$because): self
    {
        return new self($value, $value, $value, $unit, array_values($because));
    }

    public static function spread(Spread $spread, Unit $unit, Reason ...$because): self
    {
        return new self($spread->likely, $spread->low, $spread->high, $unit, array_values($because));
    }

    /** The same, for one more reason. */
    public function also(Reason ...$because): self
    {
        return new self($this->value, $this->low, $this->high, $this->unit, [...$this->because, ...array_values($because)]);
    }
}
