<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Exchange\Row;
use StoneMill\School\Symptom;

/** What went wrong in a batch: each symptom once, as it was last seen. */
final readonly class FaultTally
{
    /** @param array<string, SeenFault> $seen by symptom, in the order in which they were first seen */
    private function __construct(public array $seen)
    {
    }

    public static function empty(): self
    {
        return new self([]);
    }

    public function with(BatchEvent $event): self
    {
        $symptom = $event->symptom;
        if ($symptom === null) {
            return $this;
        }
        $fault = $this->seen[$symptom->value] ?? new SeenFault($symptom, $event->piece);

        return new self([...$this->seen, $symptom->value => $event->cause === null ? $fault : $fault->remedied($event->cause, $event->text)]);
    }

    /** @return list<array{symptom: string, piece: int|null, cause: string|null, done: string|null}> */
    public function toRow(): array
    {
        return array_values(array_map(static fn (SeenFault $fault): array => ['symptom' => $fault->symptom->value, 'piece' => $fault->piece, 'cause' => $fault->cause, 'done' => $fault->done], $this->seen));
    }

    /** @param list<Row> $rows */
    public static function ofRows(array $rows): self
    {
        $fault = static fn (Row $row): SeenFault => new SeenFault($row->choice('symptom', Symptom::class), $row->optionalWhole('piece'), $row->optionalText('cause'), $row->optionalText('done'));

        return new self(array_map($fault, Row::by('symptom', $rows)));
    }
}
