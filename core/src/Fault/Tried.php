<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\School\Symptom;

/** A remedy that was tried for this bread, and what came of it. */
final readonly class Tried
{
    /** What helped once is likelier to be it again, and what did not is not: moderate, since other things changed too. Planning estimates. */
    private const HELPED = 2.0;

    private const DID_NOT = 0.4;

    public function __construct(public Symptom $symptom, public string $cause, public bool $helped)
    {
    }

    public function logOdds(): float
    {
        return log($this->helped ? self::HELPED : self::DID_NOT);
    }
}
