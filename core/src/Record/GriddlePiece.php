<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Exchange\Row;
use StoneMill\Griddle\OwnTurns;
use StoneMill\Griddle\TurnWindow;

/** One piece on the griddle: where, since when, touched when, and when next. */
final readonly class GriddlePiece
{
    /** However late a face was turned, it lies at least so long the next time: hands need it between two touches. */
    private const LEAST_SECONDS = 5.0;

    /** No plan has more touches than this, so no more are kept one by one. */
    private const MOST_KEPT = OwnTurns::MOST_TOUCHES;

    /**
     * @param list<DateTimeImmutable> $touchedAt the touches so far, in order, as many as a plan can have
     * @param int $touches how many there were in all
     * @param DateTimeImmutable $lastTouchedAt when it was laid, where it was not touched since
     */
    private function __construct(
        public int $piece,
        public int $place,
        public DateTimeImmutable $laidAt,
        public array $touchedAt,
        public int $touches,
        public DateTimeImmutable $lastTouchedAt,
        public bool $lifted,
    ) {
    }

    public static function laid(int $piece, int $place, DateTimeImmutable $at): self
    {
        return new self($piece, $place, $at, [], 0, $at, false);
    }

    /**
     * @param array<int, self> $pieces
     * @return DateTimeImmutable|null when the first of them was laid
     */
    public static function firstLaidAt(array $pieces): ?DateTimeImmutable
    {
        $laid = array_map(static fn (self $one): DateTimeImmutable => $one->laidAt, $pieces);

        return $laid === [] ? null : min($laid);
    }

    public function touched(DateTimeImmutable $at, bool $lifted): self
    {
        $kept = $this->touches < self::MOST_KEPT ? [...$this->touchedAt, $at] : $this->touchedAt;

        return new self($this->piece, $this->place, $this->laidAt, $kept, $this->touches + 1, $at, $lifted);
    }

    /** @return array{n: int, place: int, laid: int, touched: list<int>, touches: int, last: int, lifted: bool} */
    public function toRow(): array
    {
        return [
            'n' => $this->piece, 'place' => $this->place, 'laid' => LogTime::toMilliseconds($this->laidAt),
            'touched' => array_map(LogTime::toMilliseconds(...), $this->touchedAt), 'touches' => $this->touches,
            'last' => LogTime::toMilliseconds($this->lastTouchedAt), 'lifted' => $this->lifted,
        ];
    }

    public static function ofRow(Row $row): self
    {
        return new self(
            $row->whole('n'),
            $row->whole('place'),
            LogTime::ofMilliseconds($row->whole('laid')),
            array_map(LogTime::ofMilliseconds(...), $row->wholes('touched')),
            $row->whole('touches'),
            LogTime::ofMilliseconds($row->whole('last')),
            $row->isTrue('lifted'),
        );
    }

    /**
     * Touches still to come, seconds from this moment. A face that lay longer than planned lies so much less the
     * next time, and the other way round, so that each face still gets its own share; a piece turned more often
     * than planned is next to be lifted.
     *
     * @param non-empty-list<TurnWindow> $planned
     * @return list<array{piece: int, place: int, touch: int, from: float, at: float, to: float}>
     */
    public function due(array $planned, DateTimeImmutable $now): array
    {
        if ($this->lifted) {
            return [];
        }
        // What was turned more often than planned is not made up for: it is lifted after its usual wait.
        $owed = $this->touches < count($planned) ? $this->owedBySide($planned) : [0.0, 0.0];
        $over = self::turnedOver($planned);
        $at = LogTime::between($now, $this->lastTouchedAt);
        $due = [];
        for ($index = min($this->touches, count($planned) - 1); $index < count($planned); $index++) {
            $touch = $planned[$index];
            $usual = self::planned($planned, $index);
            $below = $over[$index] ? 1 : 0;
            $lies = max(min($usual, self::LEAST_SECONDS), $usual + $owed[$below]);
            $owed[$below] += $usual - $lies;
            $at += $lies;
            $due[] = [
                'piece' => $this->piece, 'place' => $this->place, 'touch' => $index + 1,
                'from' => $at - ($touch->atSeconds - $touch->fromSeconds), 'at' => $at, 'to' => $at + $touch->toSeconds - $touch->atSeconds,
            ];
        }

        return $due;
    }

    /**
     * How each touch so far was kept, seconds off its own moment; what was late is measured from the touch before.
     *
     * @param non-empty-list<TurnWindow> $planned
     * @return list<array{touch: int, off_seconds: float, kept: TouchKept}>
     */
    public function kept(array $planned): array
    {
        $kept = [];
        $so = self::laid($this->piece, $this->place, $this->laidAt);
        foreach ($this->touchedAt as $index => $at) {
            if (isset($planned[$index])) {
                ['at' => $due, 'from' => $from, 'to' => $to] = $so->due($planned, $at)[0];
                $next = isset($planned[$index + 1]) ? self::planned($planned, $index + 1) : INF;
                $kept[] = ['touch' => $index + 1, 'off_seconds' => round(-$due, 1), 'kept' => TouchKept::of(-$from, -$to, $next)];
            }
            $so = $so->touched($at, false);
        }

        return $kept;
    }

    /**
     * How long each face lay and should have lain, in seconds, over the touches that were made.
     *
     * @param non-empty-list<TurnWindow> $planned
     * @return array{array{float, float}, array{float, float}}
     */
    public function lies(array $planned): array
    {
        $over = self::turnedOver($planned);
        $lies = [[0.0, 0.0], [0.0, 0.0]];
        $before = $this->laidAt;
        foreach ($this->touchedAt as $index => $at) {
            if ($index < count($planned)) {
                $below = $over[$index] ? 1 : 0;
                $lies[$below][0] += LogTime::between($before, $at);
                $lies[$below][1] += self::planned($planned, $index);
            }
            $before = $at;
        }

        return $lies;
    }

    /**
     * Seconds that each face is owed: below 0 where it lay too long. The first face lies below first.
     *
     * @param non-empty-list<TurnWindow> $planned
     * @return array{float, float}
     */
    private function owedBySide(array $planned): array
    {
        $over = self::turnedOver($planned);
        $owed = [0.0, 0.0];
        $before = $this->laidAt;
        foreach ($this->touchedAt as $index => $at) {
            if ($index < count($planned)) {
                $owed[$over[$index] ? 1 : 0] += self::planned($planned, $index) - LogTime::between($before, $at);
            }
            $before = $at;
        }

        return $owed;
    }

    /**
     * Whether the face that was laid first lies above until each touch.
     *
     * @param non-empty-list<TurnWindow> $planned
     * @return list<bool>
     */
    private static function turnedOver(array $planned): array
    {
        $over = [];
        $isOver = false;
        foreach ($planned as $touch) {
            $over[] = $isOver;
            $isOver = $touch->action->turnsOver() !== $isOver;
        }

        return $over;
    }

    /**
     * Seconds from the touch before to this one.
     *
     * @param non-empty-list<TurnWindow> $planned
     */
    public static function planned(array $planned, int $index): float
    {
        return ($planned[$index]->atSeconds ?? 0.0) - ($planned[$index - 1]->atSeconds ?? 0.0);
    }
}
