<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

use DateTimeImmutable;
use StoneMill\Dough\FeelGrade;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\EventKind;

/** One line of what was weighed, poured, felt or measured in a batch of long ago. */
final readonly class PastEntry
{
    public function __construct(
        public EventKind $kind,
        public DateTimeImmutable $at,
        public ?string $ingredient = null,
        public ?float $grams = null,
        public ?float $waterGrams = null,
        public ?float $flourGrams = null,
        public ?float $celsius = null,
        public ?FeelGrade $grade = null,
    ) {
    }

    /** As an entry of a log. */
    public function event(string $id): BatchEvent
    {
        return new BatchEvent(
            id: $id,
            kind: $this->kind,
            at: $this->at,
            ingredient: $this->ingredient,
            grams: $this->grams,
            waterGrams: $this->waterGrams,
            flourGrams: $this->flourGrams,
            celsius: $this->celsius,
            grade: $this->grade,
        );
    }
}
