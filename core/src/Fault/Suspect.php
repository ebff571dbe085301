<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** One cause with what speaks for and against it, and how likely it is beside the others. */
final readonly class Suspect
{
    /**
     * @param list<Evidence> $evidence what speaks for it positive, what speaks against it negative; the weightiest first
     * @param list<Tried> $tried for it, for this bread
     */
    public function __construct(public Cause $cause, public float $logOdds, public array $evidence, public array $tried, public float $chance = 0.0)
    {
    }

    public function with(float $chance): self
    {
        return new self($this->cause, $this->logOdds, $this->evidence, $this->tried, $chance);
    }
}
