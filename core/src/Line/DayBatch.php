<?php

declare(strict_types=1);

namespace StoneMill\Line;

use DateTimeImmutable;
use StoneMill\School\ActionKind;

/**
 * One batch of a day, as far as others get in its way: when hands are taken, and when the griddle is.
 * Times of a block are seconds of the epoch.
 *
 * @phpstan-type Block array{from: int, until: int, hands: int}
 */
final readonly class DayBatch
{
    /** Hands that are free for less than this are not free for another batch. */
    private const GAP_SECONDS = 60;

    /**
     * @param list<Block> $blocks in order
     * @param array{int, int} $onGriddle from the first lay to the last lift
     * @param string|null $griddle which; null where none was named, and then nothing is shared
     * @param bool $canMove whether its serving time may still be changed
     */
    private function __construct(
        public string $id,
        public string $name,
        public DateTimeImmutable $startsAt,
        public DateTimeImmutable $readyAt,
        public array $blocks,
        public array $onGriddle,
        public ?string $griddle,
        public bool $canMove,
    ) {
    }

    /** @param list<Action> $actions */
    public static function of(string $id, string $name, DateTimeImmutable $startsAt, int $lengthSeconds, array $actions, ?string $griddle, bool $canMove): self
    {
        $start = $startsAt->getTimestamp();
        $laid = array_column(array_filter($actions, static fn (Action $action): bool => $action->kind === ActionKind::Lay), 'atSeconds');
        $lifted = array_column(array_filter($actions, static fn (Action $action): bool => $action->kind === ActionKind::Lift), 'untilSeconds');

        return new self(
            $id,
            $name,
            $startsAt,
            Clock::later($startsAt, $lengthSeconds),
            self::blocks($actions, $start),
            [$start + (int) floor($laid === [] ? 0.0 : min($laid)), $start + (int) ceil($lifted === [] ? 0.0 : max($lifted))],
            $griddle,
            $canMove,
        );
    }

    /** Two batches of one bread are told apart by when they are ready. */
    public function inWords(): string
    {
        return sprintf('%s (%s)', $this->name, $this->readyAt->format('H:i'));
    }

    public function movedBy(int $seconds): self
    {
        return new self(
            $this->id,
            $this->name,
            Clock::later($this->startsAt, $seconds),
            Clock::later($this->readyAt, $seconds),
            array_map(static fn (array $block): array => ['from' => $block['from'] + $seconds, 'until' => $block['until'] + $seconds, 'hands' => $block['hands']], $this->blocks),
            [$this->onGriddle[0] + $seconds, $this->onGriddle[1] + $seconds],
            $this->griddle,
            $this->canMove,
        );
    }

    /**
     * @param list<Action> $actions
     * @return list<Block>
     */
    private static function blocks(array $actions, int $start): array
    {
        $taken = array_filter($actions, static fn (Action $action): bool => $action->hands !== null);
        usort($taken, static fn (Action $a, Action $b): int => $a->atSeconds <=> $b->atSeconds);
        $blocks = [];
        foreach ($taken as $action) {
            $from = $start + (int) floor($action->atSeconds);
            $until = $start + (int) ceil($action->untilSeconds);
            $last = count($blocks) - 1;
            if ($last >= 0 && $from <= $blocks[$last]['until'] + self::GAP_SECONDS) {
                $before = $blocks[$last];
                $blocks[$last] = ['from' => $before['from'], 'until' => max($before['until'], $until), 'hands' => max($before['hands'], (int) $action->hands)];
            } else {
                $blocks[] = ['from' => $from, 'until' => $until, 'hands' => (int) $action->hands];
            }
        }

        return $blocks;
    }
}
