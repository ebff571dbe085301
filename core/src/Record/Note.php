<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Exchange\Row;
use StoneMill\School\Stage;

/** What a cook wrote down while working. */
final readonly class Note
{
    private function __construct(public DateTimeImmutable $at, public ?Stage $stage, public ?int $piece, public string $text)
    {
    }

    public static function of(BatchEvent $event): self
    {
        return new self($event->at, $event->stage, $event->piece, (string) $event->text);
    }

    /** @return array{at: int, stage: string|null, piece: int|null, text: string} */
    public function toRow(): array
    {
        return ['at' => LogTime::toMilliseconds($this->at), 'stage' => $this->stage?->value, 'piece' => $this->piece, 'text' => $this->text];
    }

    public static function ofRow(Row $row): self
    {
        return new self(LogTime::ofMilliseconds($row->whole('at')), $row->optionalChoice('stage', Stage::class), $row->optionalWhole('piece'), $row->text('text'));
    }
}
