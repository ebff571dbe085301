<?php

declare(strict_types=1);

namespace StoneMill\Document;

use DateTimeImmutable;
use DateTimeInterface;
use StoneMill\Line\Clash;
use StoneMill\Line\Day;
use StoneMill\Line\DayBatch;
use StoneMill\Line\Move;

/** Several batches on one day: when each wants hands and griddle, where they clash, and which move would mend it. */
final readonly class DayDocument
{
    public function __construct(private Day $day)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'hands' => $this->day->hands,
            'batches' => array_map(self::row(...), $this->day->batches),
            'clashes' => array_map(self::clash(...), $this->day->clashes()),
        ];
    }

    /** @return array<string, mixed> */
    private static function clash(Clash $clash): array
    {
        return [
            'kind' => $clash->kind->value,
            'batches' => [$clash->first->id, $clash->second->id],
            'from' => self::moment($clash->first, $clash->from),
            'until' => self::moment($clash->first, $clash->until),
            'words' => $clash->inWords(),
            'moves' => array_map(static fn (Move $move): array => [
                'batch' => $move->batch->id, 'by_seconds' => $move->bySeconds, 'ready_at' => $move->moved->readyAt->format(DateTimeInterface::RFC3339), 'words' => $move->inWords(),
            ], $clash->moves),
        ];
    }

    /** @return array<string, mixed> */
    private static function row(DayBatch $batch): array
    {
        return [
            'id' => $batch->id,
            'name' => $batch->name,
            'starts_at' => $batch->startsAt->format(DateTimeInterface::RFC3339),
            'ready_at' => $batch->readyAt->format(DateTimeInterface::RFC3339),
            'can_move' => $batch->canMove,
            'griddle' => $batch->griddle,
            'on_griddle' => array_map(static fn (int $at): string => self::moment($batch, $at), $batch->onGriddle),
            'blocks' => array_map(static fn (array $block): array => ['from' => self::moment($batch, $block['from']), 'until' => self::moment($batch, $block['until']), 'hands' => $block['hands']], $batch->blocks),
        ];
    }

    private static function moment(DayBatch $batch, int $at): string
    {
        return (new DateTimeImmutable('@'.$at))->setTimezone($batch->startsAt->getTimezone())->format(DateTimeInterface::RFC3339);
    }
}
