<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\School\Symptom;

/** Something that went wrong in a batch, and what was done about it. */
final readonly class SeenFault
{
    /**
     * @param string|null $cause that was acted on last; null while nothing was done
     * @param string|null $done in words
     */
    public function __construct(public Symptom $symptom, public ?int $piece, public ?string $cause = null, public ?string $done = null)
    {
    }

    public function remedied(string $cause, ?string $done): self
    {
        return new self($this->symptom, $this->piece, $cause, $done);
    }
}
