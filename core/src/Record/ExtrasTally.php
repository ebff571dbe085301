<?php

declare(strict_types=1);

namespace StoneMill\Record;

/**
 * What was weighed that is no part of the dough, in g by place and ingredient.
 *
 * @phpstan-type ExtrasRow array<string, float>
 */
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

    /** @return ExtrasRow */
    public function toRow(): array
    {
        return $this->grams;
    }

    /** @param ExtrasRow $row */
    public static function fromRow(array $row): self
    {
        return new self(array_map(floatval(...), $row));
    }

    private static function key(string $place, string $ingredient): string
    {
        return $place.' '.$ingredient;
    }
}
