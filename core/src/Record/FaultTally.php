<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\School\Symptom;

/**
 * What went wrong in a batch: each symptom once, as it was last seen.
 *
 * @phpstan-type FaultRow array{symptom: string, piece: int|null, cause: string|null, done: string|null}
 */
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

    /** @return list<FaultRow> */
    public function toRow(): array
    {
        return array_values(array_map(static fn (SeenFault $fault): array => ['symptom' => $fault->symptom->value, 'piece' => $fault->piece, 'cause' => $fault->cause, 'done' => $fault->done], $this->seen));
    }

    /** @param list<FaultRow> $rows */
    public static function fromRow(array $rows): self
    {
        $seen = [];
        foreach ($rows as $row) {
            $seen[$row['symptom']] = new SeenFault(Symptom::from($row['symptom']), $row['piece'], $row['cause'], $row['done']);
        }

        return new self($seen);
    }
}
