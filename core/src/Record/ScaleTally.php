<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Exchange\Row;

/** What the scale showed while pieces were taken off it, how wide the discs were measured, what the stack weighed. */
final readonly class ScaleTally
{
    /** More than this nobody measures of one batch. */
    private const DISCS = 30;

    /**
     * @param list<float> $readings first the full bowl, then after each piece
     * @param int|null $count pieces that the cook wished for
     * @param list<float> $discMillimetres diameters as they were measured, the latest
     */
    private function __construct(public array $readings, public ?int $count, public array $discMillimetres, public ?float $stackGrams)
    {
    }

    public static function empty(): self
    {
        return new self([], null, [], null);
    }

    public function with(BatchEvent $event): self
    {
        return match ($event->kind) {
            EventKind::ScaleSet => new self([(float) $event->grams], $event->pieces ?? $this->count, $this->discMillimetres, $this->stackGrams),
            EventKind::Corrected => new self($this->readings, $event->pieces ?? $this->count, $this->discMillimetres, $this->stackGrams),
            EventKind::Portioned => new self([...$this->readings, (float) $event->grams], $this->count, $this->discMillimetres, $this->stackGrams),
            EventKind::DiscMeasured => new self($this->readings, $this->count, [...array_slice($this->discMillimetres, 1 - self::DISCS), (float) $event->diameterMillimetres], $this->stackGrams),
            EventKind::Stacked => new self($this->readings, $this->count, $this->discMillimetres, $event->grams ?? $this->stackGrams),
            default => $this,
        };
    }

    /** @return array{readings: list<float>, count: int|null, discs: list<float>, stack: float|null} */
    public function toRow(): array
    {
        return ['readings' => $this->readings, 'count' => $this->count, 'discs' => $this->discMillimetres, 'stack' => $this->stackGrams];
    }

    public static function ofRow(Row $row): self
    {
        return new self($row->numbers('readings'), $row->optionalWhole('count'), $row->numbers('discs'), $row->optionalNumber('stack'));
    }
}
