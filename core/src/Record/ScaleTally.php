<?php

declare(strict_types=1);

namespace StoneMill\Record;

/**
 * What the scale showed while pieces were taken off it.
 *
 * @phpstan-type ScaleRow array{readings: list<float>, count: int|null}
 */
final readonly class ScaleTally
{
    /**
     * @param list<float> $readings first the full bowl, then after each piece
     * @param int|null $count pieces that the cook wished for
     */
    private function __construct(public array $readings, public ?int $count)
    {
    }

    public static function empty(): self
    {
        return new self([], null);
    }

    public function with(BatchEvent $event): self
    {
        return match ($event->kind) {
            EventKind::ScaleSet => new self([(float) $event->grams], $event->pieces ?? $this->count),
            EventKind::Corrected => new self($this->readings, $event->pieces ?? $this->count),
            EventKind::Portioned => new self([...$this->readings, (float) $event->grams], $this->count),
            default => $this,
        };
    }

    /** @return ScaleRow */
    public function toRow(): array
    {
        return ['readings' => $this->readings, 'count' => $this->count];
    }

    /** @param ScaleRow $row */
    public static function fromRow(array $row): self
    {
        return new self(array_map(floatval(...), $row['readings']), $row['count']);
    }
}
