<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\School\Stage;

/**
 * What a cook wrote down while working.
 *
 * @phpstan-type NoteRow array{at: int, stage: string|null, piece: int|null, text: string}
 */
final readonly class Note
{
    private function __construct(public DateTimeImmutable $at, public ?Stage $stage, public ?int $piece, public string $text)
    {
    }

    public static function of(BatchEvent $event): self
    {
        return new self($event->at, $event->stage, $event->piece, (string) $event->text);
    }

    /** @return NoteRow */
    public function toRow(): array
    {
        return ['at' => LogTime::toMilliseconds($this->at), 'stage' => $this->stage?->value, 'piece' => $this->piece, 'text' => $this->text];
    }

    /** @param NoteRow $row */
    public static function fromRow(array $row): self
    {
        return new self(LogTime::ofMilliseconds($row['at']), $row['stage'] === null ? null : Stage::from($row['stage']), $row['piece'], $row['text']);
    }
}
