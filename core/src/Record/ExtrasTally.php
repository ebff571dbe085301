<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Exchange\Row;

/** What was weighed that is no part of the dough, in g by place and ingredient. */
final readonly class ExtrasTally
{
    /** @param array<string, float> $grams by place and ingredient */
    private function __construct(private array $grams)
    {
    }

    public static function empty(): self
    {
        return new self([]);
    }

    public function with(BatchEvent $event): self
    {
        return $event->kind === EventKind::ExtraWeighed && $event->extra !== null
            ? new self([...$this->grams, self::key($event->extra->value, (string) $event->ingredient) => (float) $event->grams])
            : $this;
    }

    /** As it was weighed last, in g; null where nobody did. */
    public function grams(string $place, string $ingredient): ?float
    {
        return $this->grams[self::key($place, $ingredient)] ?? null;
    }

    /** @return array<string, float> */
    public function toRow(): array
    {
        return $this->grams;
    }

    public static function ofRow(Row $row): self
    {
        return new self($row->allNumbers());
    }

    private static function key(string $place, string $ingredient): string
    {
        return $place.' '.$ingredient;
    }
}
