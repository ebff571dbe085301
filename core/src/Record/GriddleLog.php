<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Line\Crew;
use StoneMill\Line\Remaining;
use StoneMill\Line\Step;

/**
 * Who lies where on the griddle, how the touches were kept, and what hands do next.
 *
 * @phpstan-import-type PlannedTouch from PlannedBatch
 */
final readonly class GriddleLog
{
    /** A thermometer's reading and a plan agree so far. Planning estimate. */
    private const NEAR_KELVIN = 15.0;

    /**
     * @param array<int, GriddlePiece> $pieces by piece number, in order of laying
     * @param array{float, DateTimeImmutable}|null $surface °C of the metal as it was last read, and when
     * @param list<array{float, bool}> $readings °C, and whether bread lay on it
     */
    private function __construct(
        private PlannedBatch $plan,
        private array $pieces,
        private int $count,
        private ?DateTimeImmutable $since,
        private ?DateTimeImmutable $pausedAt,
        private ?Probe $probe,
        private ?array $surface,
        private array $readings,
        private SignsSeen $signs,
    ) {
    }

    /** @param int $count pieces of the batch */
    public static function of(PlannedBatch $plan, GriddleTally $tally, int $count): self
    {
        return new self($plan, $tally->pieces, $count, $tally->since, $tally->pausedAt, $tally->probe, $tally->surface, $tally->readings, new SignsSeen($tally->signs));
    }

    public function isOn(int $piece): bool
    {
        return isset($this->pieces[$piece]) && ! $this->pieces[$piece]->lifted;
    }

    public function wasLaid(int $piece): bool
    {
        return isset($this->pieces[$piece]);
    }

    /** How often it was touched since it was laid. */
    public function touches(int $piece): int
    {
        return isset($this->pieces[$piece]) ? $this->pieces[$piece]->touches : 0;
    }

    public function isPaused(): bool
    {
        return $this->pausedAt !== null;
    }

    public function isPlaceTaken(int $place): bool
    {
        return array_filter($this->onGriddle(), static fn (GriddlePiece $piece): bool => $piece->place === $place) !== [];
    }

    /** The highest number of a piece that was laid; 0 before the first. */
    public function highestLaid(): int
    {
        return $this->pieces === [] ? 0 : max(array_keys($this->pieces));
    }

    /** Whether every piece that was laid is one of the batch, and no two lie in one place. */
    public function addsUp(): bool
    {
        $places = array_map(static fn (GriddlePiece $piece): int => $piece->place, $this->onGriddle());

        return $this->highestLaid() <= $this->count && count(array_unique($places)) === count($places);
    }

    public function lifted(): int
    {
        return count($this->pieces) - count($this->onGriddle());
    }

    /** @return array{list<float>, list<float>} °C of the metal, read while nothing lay on it and while bread did */
    public function readings(): array
    {
        $of = fn (bool $loaded): array => array_values(array_map(static fn (array $one): float => $one[0], array_filter($this->readings, static fn (array $one): bool => $one[1] === $loaded)));

        return [$of(false), $of(true)];
    }

    /** What is looked at before the first piece is laid: nobody knows by the clock alone whether the metal is hot. */
    private function beforeTheFirst(): string
    {
        $wanted = sprintf('%.0f °C', $this->plan->heldCelsius);
        if ($this->surface === null) {
            return "Is the metal at $wanted? Read it, or let a drop of water tell.";
        }
        $off = $this->surface[0] - $this->plan->heldCelsius;

        return match (true) {
            $off < -self::NEAR_KELVIN => sprintf('It was read at %.0f °C: wait until it is at %s.', $this->surface[0], $wanted),
            $off > self::NEAR_KELVIN => sprintf('It was read at %.0f °C: let it come down to %s.', $this->surface[0], $wanted),
            default => 'The metal is hot enough.',
        };
    }

    /** @return array{empty: float|null, under_bread: float|null} means of the readings, °C */
    private function read(): array
    {
        [$empty, $loaded] = $this->readings();
        $mean = static fn (array $read): ?float => $read === [] ? null : round(array_sum($read) / count($read), 1);

        return ['empty' => $mean($empty), 'under_bread' => $mean($loaded)];
    }

    /** @return array{float, float} how long each face lay, over what was planned: the mean of the pieces that were lifted; 1 where none was */
    public function lieShares(): array
    {
        $sums = [0.0, 0.0];
        $wanted = [0.0, 0.0];
        foreach ($this->pieces as $piece) {
            if ($piece->lifted) {
                foreach ($piece->lies($this->plannedFor($piece)) as $face => [$lay, $planned]) {
                    $sums[$face] += $lay;
                    $wanted[$face] += $planned;
                }
            }
        }

        return [$wanted[0] > 0 ? $sums[0] / $wanted[0] : 1.0, $wanted[1] > 0 ? $sums[1] / $wanted[1] : 1.0];
    }

    /** Seconds from the first piece laid to that one, or to the last; null before anything lay there. */
    public function waitedSeconds(?int $piece): ?float
    {
        $first = $this->firstLaidAt();
        if ($first === null || ($piece !== null && ! isset($this->pieces[$piece]))) {
            return null;
        }
        $last = $piece === null ? max(array_map(static fn (GriddlePiece $one): DateTimeImmutable => $one->laidAt, $this->pieces) ?: [$first]) : $this->pieces[$piece]->laidAt;

        return LogTime::between($first, $last);
    }

    /** Null before anything lay there. */
    public function firstLaidAt(): ?DateTimeImmutable
    {
        $laid = array_map(static fn (GriddlePiece $one): DateTimeImmutable => $one->laidAt, $this->pieces);

        return $laid === [] ? null : min($laid);
    }

    public function since(): ?DateTimeImmutable
    {
        return $this->since;
    }

    /**
     * Everything that is still to be done, in order, from the last thing that was done.
     *
     * @return list<Step>
     */
    public function steps(): array
    {
        $now = $this->since ?? new DateTimeImmutable('@0');
        $pace = $this->pace()->factor;
        $work = $this->plan->pieceWork($pace);
        $due = $placeFree = [];
        foreach ($this->pieces as $piece) {
            if ($piece->lifted) {
                $placeFree[$piece->place] = LogTime::between($now, $piece->lastTouchedAt) + $work->recover;
            }
            $due = [...$due, ...$this->notBeforeItIsDone($piece->piece, $this->signs->lookedAtAgain($piece, $piece->due($this->expectedFor($piece, $pace), $now), $now), $now)];
        }
        $toLay = array_values(array_filter(range(1, $this->count), fn (int $piece): bool => ! $this->wasLaid($piece)));

        return (new Remaining($work, new Crew($this->plan->hands, $this->plan->places)))->steps($due, $toLay, $placeFree);
    }

    /**
     * A piece that the probe found too cool inside is lifted when it should be done, not before.
     *
     * @param list<array{piece: int, place: int, touch: int, from: float, at: float, to: float}> $due
     * @return list<array{piece: int, place: int, touch: int, from: float, at: float, to: float}>
     */
    private function notBeforeItIsDone(int $piece, array $due, DateTimeImmutable $now): array
    {
        $lift = count($due) - 1;
        if ($this->probe?->piece !== $piece || $this->plan->wantedCentreCelsius === null || $lift < 0) {
            return $due;
        }
        $later = max(0.0, $this->probe->doneAfter($now, $this->plan->wantedCentreCelsius) - $due[$lift]['at']);
        $due[$lift] = [...$due[$lift], 'from' => $due[$lift]['from'] + $later, 'at' => $due[$lift]['at'] + $later, 'to' => $due[$lift]['to'] + $later];

        return $due;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->withSteps($this->steps());
    }

    /**
     * @param list<Step> $steps all that is still to be done, where it was worked out already
     * @return array<string, mixed>
     */
    public function withSteps(array $steps): array
    {
        $pace = $this->pace();

        return [
            'since' => $this->since === null ? null : LogTime::format($this->since),
            'paused_at' => $this->pausedAt === null ? null : LogTime::format($this->pausedAt),
            'pieces' => array_map(fn (GriddlePiece $piece): array => [
                'piece' => $piece->piece,
                'place' => $piece->place,
                'laid_at' => LogTime::format($piece->laidAt),
                'touched_at' => LogTime::format($piece->lastTouchedAt),
                'touches' => $piece->touches,
                'touches_planned' => count($this->plan->touches),
            ], $this->onGriddle()),
            'lifted' => $this->lifted(),
            'to_lay' => $this->count - count($this->pieces),
            'steps' => array_map(static fn (Step $step): array => $step->toArray(), $steps),
            'reasons' => TouchReasons::of($this->plan->touches),
            'signs' => TouchSigns::of($this->plan->touches, $this->plan->thicknessMillimetres, $this->plan->isPoured(), $this->plan->rises()),
            'pace' => $pace->inWords(),
            'kept' => $this->kept($pace->factor),
            'probe' => $this->probe(),
            'read' => $this->read(),
            'before' => $this->since === null ? $this->beforeTheFirst() : null,
            'surface' => $this->surface === null ? null : ['celsius' => $this->surface[0], 'at' => LogTime::format($this->surface[1])],
            'served_after_seconds' => round($this->servedAfterSeconds($steps), 1),
        ];
    }

    /**
     * From the last thing that was done there until all is served.
     *
     * @param list<Step> $steps all that is still to be done
     */
    public function servedAfterSeconds(array $steps): float
    {
        return max([0.0, ...array_map(static fn (Step $step): float => $step->at, $steps)]) + $this->plan->afterLiftSeconds;
    }

    /** @return array<string, mixed>|null what the last reading of the probe says of a piece that still lies there */
    private function probe(): ?array
    {
        if ($this->probe === null || ! $this->isOn($this->probe->piece) || $this->plan->wantedCentreCelsius === null) {
            return null;
        }

        return $this->probe->toArray($this->plan->wantedCentreCelsius);
    }

    /** @return non-empty-list<PlannedTouch> the first piece of each place meets metal that nothing has cooled */
    private function plannedFor(GriddlePiece $piece): array
    {
        foreach ($this->pieces as $one) {
            if ($one->place === $piece->place) {
                return $one->piece === $piece->piece ? $this->plan->firstTouches() : $this->plan->touches;
            }
        }

        return $this->plan->touches;
    }

    /** @return non-empty-list<PlannedTouch> as planned, at the pace that the cook's eye found */
    private function expectedFor(GriddlePiece $piece, float $pace): array
    {
        return PlannedBatch::stretched($this->plannedFor($piece), $pace);
    }

    private function pace(): GriddlePace
    {
        return $this->signs->pace(fn (int $number): array => isset($this->pieces[$number]) ? $this->plannedFor($this->pieces[$number]) : []);
    }

    /** @return array<string, mixed> how the touches so far were kept, and the worst of them */
    private function kept(float $pace): array
    {
        $counts = array_fill_keys(array_map(static fn (TouchKept $kept): string => $kept->value, TouchKept::cases()), 0);
        $worst = null;
        foreach ($this->pieces as $piece) {
            foreach ($piece->kept($this->expectedFor($piece, $pace)) as ['touch' => $touch, 'off_seconds' => $off, 'kept' => $kept]) {
                $counts[$kept->value]++;
                if ($kept !== TouchKept::OnTime && ($worst === null || abs($off) > abs($worst['off_seconds']))) {
                    $worst = ['piece' => $piece->piece, 'touch' => $touch, 'off_seconds' => $off];
                }
            }
        }

        return [...$counts, 'worst' => $worst];
    }

    /** @return list<GriddlePiece> */
    private function onGriddle(): array
    {
        return array_values(array_filter($this->pieces, static fn (GriddlePiece $piece): bool => ! $piece->lifted));
    }
}
