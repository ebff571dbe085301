<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Line\Durations;

/** Who lies where on the griddle, and what hands do next. */
final readonly class GriddleLog
{
    /** Laying and wiping hands: a touch that is due sooner than this goes first. */
    private const LAY_MARGIN_SECONDS = Durations::LAY + 3.0;

    /** @param array<int, GriddlePiece> $pieces by piece number, in order of laying */
    private function __construct(private PlannedBatch $plan, private array $pieces, private int $count)
    {
    }

    /** @param list<BatchEvent> $events that stand, in order */
    public static function after(PlannedBatch $plan, array $events, int $count): self
    {
        $pieces = [];
        foreach ($events as $event) {
            $piece = (int) $event->piece;
            if ($event->kind === EventKind::Laid) {
                $pieces[$piece] = new GriddlePiece($piece, (int) $event->place, $event->at, $event->at, 0, false);
            }
            if (isset($pieces[$piece]) && ($event->kind === EventKind::Turned || $event->kind === EventKind::Lifted)) {
                $pieces[$piece] = $pieces[$piece]->touchedAt($event->at, $event->kind === EventKind::Lifted);
            }
        }

        return new self($plan, $pieces, $count);
    }

    public function isOn(int $piece): bool
    {
        return isset($this->pieces[$piece]) && ! $this->pieces[$piece]->lifted;
    }

    public function wasLaid(int $piece): bool
    {
        return isset($this->pieces[$piece]);
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

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'pieces' => array_map(fn (GriddlePiece $piece): array => [
                'piece' => $piece->piece,
                'place' => $piece->place,
                'laid_at' => Moment::format($piece->laidAt),
                'touched_at' => Moment::format($piece->touchedAt),
                'touches' => $piece->touches,
                'touches_planned' => count($this->plan->touches),
                'next' => $piece->next($this->plan->touches),
            ], $this->onGriddle()),
            'lifted' => $this->lifted(),
            'to_lay' => $this->count - count($this->pieces),
            'next' => $this->nextActions(),
        ];
    }

    /**
     * What hands do next, in order: the first entry whose "until" has not passed. A piece is laid while there
     * is a place and time for it before the next touch is due.
     *
     * @return list<array{action: string, piece: int, place: int, due_at: string|null, until: string|null}>
     */
    private function nextActions(): array
    {
        $touch = $this->nextTouch();
        $lay = $this->nextLay();
        $actions = [];
        if ($lay !== null) {
            $until = $touch === null ? null : Moment::format(Moment::later(new DateTimeImmutable($touch['due_at']), -self::LAY_MARGIN_SECONDS));
            $actions[] = ['action' => 'lay', 'piece' => $lay['piece'], 'place' => $lay['place'], 'due_at' => null, 'until' => $until];
        }
        if ($touch !== null) {
            $actions[] = ['action' => $touch['action'], 'piece' => $touch['piece'], 'place' => $touch['place'], 'due_at' => $touch['due_at'], 'until' => null];
        }

        return $actions;
    }

    /** @return array{action: string, piece: int, place: int, due_at: string}|null */
    private function nextTouch(): ?array
    {
        $earliest = null;
        foreach ($this->onGriddle() as $piece) {
            $next = $piece->next($this->plan->touches);
            if ($next !== null && ($earliest === null || $next['due_at'] < $earliest['due_at'])) {
                $earliest = ['action' => $next['action'], 'piece' => $piece->piece, 'place' => $piece->place, 'due_at' => $next['due_at']];
            }
        }

        return $earliest;
    }

    /** @return array{piece: int, place: int}|null */
    private function nextLay(): ?array
    {
        $pieces = array_values(array_filter(range(1, $this->count), fn (int $piece): bool => ! $this->wasLaid($piece)));
        $places = array_values(array_filter(range(1, $this->plan->places), fn (int $place): bool => ! $this->isPlaceTaken($place)));

        return $pieces === [] || $places === [] ? null : ['piece' => $pieces[0], 'place' => $places[0]];
    }

    /** @return list<GriddlePiece> */
    private function onGriddle(): array
    {
        return array_values(array_filter($this->pieces, static fn (GriddlePiece $piece): bool => ! $piece->lifted));
    }
}
