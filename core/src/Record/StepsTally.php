<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Exchange\Row;

/** Which steps on the way into the dough were begun, and which are done. */
final readonly class StepsTally
{
    /**
     * @param array<string, DateTimeImmutable> $begun by step
     * @param array<string, DateTimeImmutable> $done by step
     */
    private function __construct(public array $begun, public array $done)
    {
    }

    public static function empty(): self
    {
        return new self([], []);
    }

    public function with(BatchEvent $event): self
    {
        return match ($event->kind) {
            EventKind::StepBegun => new self([...$this->begun, (string) $event->step => $event->at], $this->done),
            EventKind::StepDone => new self($this->begun, [...$this->done, (string) $event->step => $event->at]),
            default => $this,
        };
    }

    /** @return array{begun: array<string, int>, done: array<string, int>} */
    public function toRow(): array
    {
        return ['begun' => array_map(LogTime::toMilliseconds(...), $this->begun), 'done' => array_map(LogTime::toMilliseconds(...), $this->done)];
    }

    public static function ofRow(Row $row): self
    {
        return new self(array_map(LogTime::ofMilliseconds(...), $row->row('begun')->allWholes()), array_map(LogTime::ofMilliseconds(...), $row->row('done')->allWholes()));
    }
}
