<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use DateTimeImmutable;
use StoneMill\Kitchen\PastEntry;

/** Weighings that belong to one batch: that go by its name, or else are of the same day and bread. */
final readonly class WeighedGroup
{
    /**
     * @param list<PastEntry> $entries
     * @param list<string> $doubts
     */
    public function __construct(public string $name, public string $day, public string $bread, public array $entries = [], public array $doubts = [])
    {
    }

    public function id(): string
    {
        return $this->name !== '' ? "name $this->name" : "day $this->day ".mb_strtolower($this->bread);
    }

    public function with(?PastEntry $entry, Doubts $doubts): self
    {
        return new self($this->name, $this->day, $this->bread, $entry === null ? $this->entries : [...$this->entries, $entry], [...$this->doubts, ...$doubts->all()]);
    }

    /** When the first of it was weighed; null where no weighing could be read. */
    public function at(): ?DateTimeImmutable
    {
        return $this->entries === [] ? null : min(array_map(static fn (PastEntry $entry): DateTimeImmutable => $entry->at, $this->entries));
    }

    /** Whether a row of the record with that name, day and bread is the batch that this was weighed for. */
    public function isOf(string $name, ?DateTimeImmutable $at, string $bread): bool
    {
        if ($this->name !== '') {
            return $this->name === $name;
        }

        return $at !== null && $this->day === $at->format('Y-m-d') && in_array(mb_strtolower($this->bread), ['', mb_strtolower($bread)], true);
    }
}
