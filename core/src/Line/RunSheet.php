<?php

declare(strict_types=1);

namespace StoneMill\Line;

use DateTimeImmutable;
use StoneMill\School\ActionKind;
use StoneMill\School\Stage;

/** A batch as a list that can be taken along: one row for each thing to begin, with its clock time and what to do. It is told from the plan as it stood. */
final readonly class RunSheet
{
    /** What goes on after no longer a break than this is still the same stretch. */
    private const SAME_SECONDS = 120.0;

    /** The row of what comes after: nothing that anybody has to do at a time. */
    public const KEEP = 'keep';

    /**
     * @param list<RunRow> $rows by time
     * @param string $eaters for whom it is not
     */
    private function __construct(
        public string $title,
        public DateTimeImmutable $startsAt,
        public DateTimeImmutable $readyAt,
        public array $rows,
        public string $eaters,
    ) {
    }

    public static function of(string $title, SheetFacts $facts, DateTimeImmutable $startsAt): self
    {
        $words = new RunWords($facts);
        $rows = [];
        foreach (self::spans($facts->actions) as ['what' => $what, 'time' => $time, 'from' => $from, 'until' => $until]) {
            $says = $words->of($what);
            if ($says !== null) {
                $rows[] = new RunRow($time === 1 ? $what : "$what-$time", Clock::later($startsAt, (int) round($from)), Clock::later($startsAt, (int) round($until)), $says[0], $says[1]);
            }
        }
        $ready = Clock::later($startsAt, $facts->lengthSeconds);
        $rows[] = new RunRow('ready', $ready, $ready, 'Serve', sprintf('%d pieces of %s. %s%s', $facts->count, $facts->bread, $words->serving(), $facts->eaters));
        if ($facts->keeping !== '') {
            $rows[] = new RunRow(self::KEEP, $ready, Clock::later($ready, 60 * $facts->warmMinutes), 'Keep', $facts->keeping);
        }
        usort($rows, static fn (RunRow $a, RunRow $b): int => [$a->from, $a->until] <=> [$b->from, $b->until]);

        // A name that was kept before names were held to one line must not write lines of its own into a sheet or calendar.
        $title = trim((string) preg_replace('/[\x00-\x1f\x7f]+/', ' ', $title));

        return new self($title, $startsAt, $ready, $rows, $facts->eaters);
    }

    /** The same up to the moment it is served. */
    public function untilServed(): self
    {
        return $this->withRows(array_values(array_filter($this->rows, static fn (RunRow $row): bool => $row->what !== self::KEEP)));
    }

    /** @param list<RunRow> $rows the same, said otherwise */
    public function withRows(array $rows): self
    {
        return new self($this->title, $this->startsAt, $this->readyAt, $rows, $this->eaters);
    }

    /**
     * @param string $clock how a time of day is written, as date() takes it
     * @return list<string> lines of plain text
     */
    public function lines(string $clock = 'H:i'): array
    {
        $day = '';
        $lines = [$this->title, $this->eaters, ''];
        foreach ($this->rows as $row) {
            if ($row->from->format('Y-m-d') !== $day) {
                $day = $row->from->format('Y-m-d');
                $lines[] = $row->from->format('l, j F Y');
            }
            $lines[] = sprintf('%s  %s%s', $row->from->format($clock), $row->says, $row->minutes() > 0 ? sprintf(' (%d min)', $row->minutes()) : '');
            if ($row->detail !== '') {
                $lines[] = '       '.$row->detail;
            }
        }

        return $lines;
    }

    /**
     * When each thing is under way. Touches, presses and lays of many pieces are one stretch at the griddle; what is done
     * again later, for another lot or another load, is a stretch of its own.
     *
     * @param list<Action> $actions by start
     * @return list<array{what: string, time: int, from: float, until: float}> time counts the stretches of one thing
     */
    private static function spans(array $actions): array
    {
        $spans = [];
        $last = [];
        foreach ($actions as $action) {
            $what = match (true) {
                in_array($action->kind, [ActionKind::Portion, ActionKind::Stir, ActionKind::Refill, ActionKind::Finish], true) => $action->kind->value,
                in_array($action->stage, [Stage::Shape, Stage::Griddle], true) => Stage::Griddle->value,
                // Hands begin it and it goes on by itself.
                default => $action->kind->value,
            };
            $index = $last[$what] ?? count($spans);
            $before = $spans[$index] ?? ['what' => $what, 'time' => 0, 'from' => -INF, 'until' => -INF];
            if ($action->atSeconds <= $before['until'] + self::SAME_SECONDS) {
                $spans[$index] = [...$before, 'until' => max($before['until'], $action->untilSeconds)];
            } else {
                $last[$what] = count($spans);
                $spans[] = ['what' => $what, 'time' => $before['time'] + 1, 'from' => $action->atSeconds, 'until' => $action->untilSeconds];
            }
        }

        return array_values($spans);
    }
}
