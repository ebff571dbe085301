<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Line\Crew;
use StoneMill\Line\Remaining;
use StoneMill\Line\Step;

/**
 * Who lies where on the griddle, how the touches were kept, and what hands do next.
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
        public PlannedBatch $plan,
        private array $pieces,
        private int $count,
        private ?DateTimeImmutable $since,
        public ?DateTimeImmutable $pausedAt,
        private ?Probe $probe,
        public ?array $surface,
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

    public function toLay(): int
    {
        return $this->count - count($this->pieces);
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
    public function beforeTheFirst(): string
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

    /** @return array{float|null, float|null} means of the readings in °C, of bare metal and of metal under bread */
    public function meanReadings(): array
    {
        [$empty, $loaded] = $this->readings();
        $mean = static fn (array $read): ?float => $read === [] ? null : array_sum($read) / count($read);

        return [$mean($empty), $mean($loaded)];
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
        return GriddlePiece::firstLaidAt($this->pieces);
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

    /**
     * From the last thing that was done there until all is served.
     *
     * @param list<Step> $steps all that is still to be done
     */
    public function servedAfterSeconds(array $steps): float
    {
        return self::lastAt($steps) + $this->plan->afterLiftSeconds;
    }

    /**
     * Until when the metal is hot for this batch: from the first reading or piece until the last lift is due. Another batch on the same
     * griddle asks nobody to turn it on meanwhile. Null before, and once all are off.
     *
     * @param list<Step> $steps all that is still to be done
     */
    public function hotUntil(array $steps): ?DateTimeImmutable
    {
        $from = $this->since ?? $this->surface[1] ?? null;

        return $from === null || $steps === [] ? null : LogTime::later($from, self::lastAt($steps));
    }

    /** @param list<Step> $steps */
    private static function lastAt(array $steps): float
    {
        return max([0.0, ...array_map(static fn (Step $step): float => $step->at, $steps)]);
    }

    /** The last reading of the probe, where the piece still lies there and a heat is wanted; null otherwise. */
    public function probe(): ?Probe
    {
        return $this->probe === null || ! $this->isOn($this->probe->piece) || $this->plan->wantedCentreCelsius === null ? null : $this->probe;
    }

    /** @return non-empty-list<TurnWindow> the first piece of each place meets metal that nothing has cooled */
    private function plannedFor(GriddlePiece $piece): array
    {
        foreach ($this->pieces as $one) {
            if ($one->place === $piece->place) {
                return $one->piece === $piece->piece ? $this->plan->firstTouches() : $this->plan->touches;
            }
        }

        return $this->plan->touches;
    }

    /** @return non-empty-list<TurnWindow> as planned, at the pace that the cook's eye found */
    private function expectedFor(GriddlePiece $piece, float $pace): array
    {
        return PlannedBatch::stretched($this->plannedFor($piece), $pace);
    }

    /** How much sooner or later than planned the cook's eye finds the faces done. */
    public function pace(): GriddlePace
    {
        return $this->signs->pace(fn (int $number): array => isset($this->pieces[$number]) ? $this->plannedFor($this->pieces[$number]) : []);
    }

    /** How the touches so far were kept. */
    public function kept(): TouchesKept
    {
        $factor = $this->pace()->factor;
        $kept = TouchesKept::none();
        foreach ($this->pieces as $piece) {
            foreach ($piece->kept($this->expectedFor($piece, $factor)) as ['touch' => $touch, 'off_seconds' => $off, 'kept' => $how]) {
                $kept = $kept->with($piece->piece, $touch, $off, $how);
            }
        }

        return $kept;
    }

    /** @return list<GriddlePiece> */
    public function onGriddle(): array
    {
        return array_values(array_filter($this->pieces, static fn (GriddlePiece $piece): bool => ! $piece->lifted));
    }
}
