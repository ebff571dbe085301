<?php

declare(strict_types=1);

namespace StoneMill\Line;

use DateTimeImmutable;

/** Several batches on one day with the same hands and griddles: where they clash, and which move of one would mend it. */
final readonly class Day
{
    private const STEP_SECONDS = 300;

    private const FARTHEST_SECONDS = 12 * 3600;

    /**
     * @param list<DayBatch> $batches
     * @param DateTimeImmutable|null $notBefore no batch is moved to begin before then, and what was over by then is no clash
     */
    public function __construct(public array $batches, public int $hands, private ?DateTimeImmutable $notBefore = null)
    {
    }

    /** @return list<Clash> */
    public function clashes(): array
    {
        $clashes = [];
        foreach ($this->batches as $index => $first) {
            foreach (array_slice($this->batches, $index + 1) as $second) {
                foreach (array_filter([$this->onHands($first, $second), $this->onGriddle($first, $second)]) as [$kind, $from, $until]) {
                    $clashes[] = new Clash($kind, $first, $second, $from, $until, [...$this->moves($first), ...$this->moves($second)]);
                }
            }
        }

        return $clashes;
    }

    /** @return array{Bottleneck, int, int}|null the first stretch in which both together want more hands than there are */
    private function onHands(DayBatch $first, DayBatch $second): ?array
    {
        foreach ($first->blocks as $one) {
            foreach ($second->blocks as $other) {
                $from = max($one['from'], $other['from']);
                $until = min($one['until'], $other['until']);
                if ($from < $until && $this->isToCome($until) && $this->hands < $one['hands'] + $other['hands']) {
                    return [Bottleneck::Hands, $from, $until];
                }
            }
        }

        return null;
    }

    /** What is over is in nobody's way any more. */
    private function isToCome(int $until): bool
    {
        return $this->notBefore === null || $until > $this->notBefore->getTimestamp();
    }

    /** @return array{Bottleneck, int, int}|null */
    private function onGriddle(DayBatch $first, DayBatch $second): ?array
    {
        $from = max($first->onGriddle[0], $second->onGriddle[0]);
        $until = min($first->onGriddle[1], $second->onGriddle[1]);

        return $first->griddle !== null && $first->griddle === $second->griddle && $from < $until && $this->isToCome($until) ? [Bottleneck::Griddle, $from, $until] : null;
    }

    /**
     * The least that a batch would have to move, earlier or later, to be in nobody's way.
     *
     * @return list<Move>
     */
    private function moves(DayBatch $batch): array
    {
        if (! $batch->canMove) {
            return [];
        }
        $moves = [];
        foreach ([-1, 1] as $way) {
            for ($by = self::STEP_SECONDS; $by <= self::FARTHEST_SECONDS; $by += self::STEP_SECONDS) {
                $moved = $batch->movedBy($way * $by);
                if ($this->notBefore !== null && $moved->startsAt < $this->notBefore) {
                    break;
                }
                if ($this->isFree($moved)) {
                    $moves[] = new Move($batch, $way * $by, $moved);
                    break;
                }
            }
        }

        return $moves;
    }

    private function isFree(DayBatch $moved): bool
    {
        foreach ($this->batches as $other) {
            if ($other->id !== $moved->id && ($this->onHands($moved, $other) !== null || $this->onGriddle($moved, $other) !== null)) {
                return false;
            }
        }

        return true;
    }
}
