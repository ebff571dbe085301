<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Measure\Spread;
use StoneMill\Measure\VolumeUnit;

/** An amount as it was written: of one kind, with a spread where a range or a hand was named. */
final readonly class Amount
{
    /**
     * @param Spread $number of that many grams, units of volume, percent or pieces
     * @param string $words as it stands in the text
     * @param list<string> $doubts what in it may be meant otherwise
     */
    public function __construct(
        public AmountKind $kind,
        public Spread $number,
        public string $words,
        public ?VolumeUnit $unit = null,
        public ?string $size = null,
        public array $doubts = [],
    ) {
    }

    public function times(Spread $factor): self
    {
        return new self($this->kind, $this->number->times($factor), $this->words, $this->unit, $this->size, $this->doubts);
    }

    public function doubted(string ...$doubts): self
    {
        return new self($this->kind, $this->number, $this->words, $this->unit, $this->size, [...$this->doubts, ...array_values($doubts)]);
    }

    /** Both together, where they are of one kind and unit; null where they cannot be added. */
    public function plus(self $other): ?self
    {
        return $this->kind !== $other->kind || $this->unit !== $other->unit ? null : new self(
            $this->kind,
            $this->number->plus($other->number),
            $this->words.' + '.$other->words,
            $this->unit,
            $this->size,
            [...$this->doubts, ...$other->doubts],
        );
    }
}
