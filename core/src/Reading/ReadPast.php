<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use DateTimeImmutable;
use StoneMill\Kitchen\PastBatch;

/** A batch out of a cook's own sheet; without a day it cannot be one yet. */
final readonly class ReadPast
{
    /**
     * @param int $row in the record, counted from 1 without the heads; 0 where only weighings tell of it
     * @param string|null $bread of those of the kitchen; null where it is not known
     * @param string $said what the sheet calls the bread
     * @param PastBatch|null $batch null where nobody says when it was
     * @param list<string> $doubts whole sentences
     * @param list<string> $choices breads of the kitchen that may be meant
     */
    public function __construct(public int $row, public ?string $bread, public string $said, public ?PastBatch $batch, public array $doubts, public array $choices)
    {
    }

    public function at(): ?DateTimeImmutable
    {
        return $this->batch?->at;
    }
}
