<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Exchange\Row;
use StoneMill\School\Doneness;

/** What lies where on the griddle, since when, and when it was touched. */
final readonly class GriddleTally
{
    private const READINGS = 40;

    /** Of what was seen, the latest go into the pace. */
    private const SIGNS = 60;

    /**
     * @param array<int, GriddlePiece> $pieces by piece number, in order of laying
     * @param DateTimeImmutable|null $since the last thing that hands did there
     * @param array{float, DateTimeImmutable}|null $surface °C of the metal as it was last read, and when
     * @param int $ovenRounds that are over
     * @param list<array{float, bool}> $readings °C of the metal, the latest, and whether bread lay on it then
     * @param list<SignSeen> $signs the latest
     */
    private function __construct(public array $pieces, public ?DateTimeImmutable $since, public ?DateTimeImmutable $pausedAt, public ?Probe $probe, public ?array $surface, public int $ovenRounds, public ?DateTimeImmutable $ovenSince, public array $readings, public array $signs)
    {
    }

    public static function empty(): self
    {
        return new self([], null, null, null, null, 0, null, [], []);
    }

    public function with(BatchEvent $event): self
    {
        $probe = $event->kind === EventKind::CentreTaken ? Probe::after($this->probe, (int) $event->piece, $event->at, (float) $event->celsius) : $this->probe;
        $pausedAt = match ($event->kind) {
            EventKind::Paused => $this->pausedAt ?? $event->at,
            EventKind::Resumed => null,
            default => $this->pausedAt,
        };
        // Tablets' clocks differ a little; time at the griddle never runs backwards.
        $isLater = $event->kind->isAtTheGriddle() && ($this->since === null || $event->at > $this->since);

        $surface = $event->kind === EventKind::SurfaceTaken ? [(float) $event->celsius, $event->at] : $this->surface;

        return new self($this->piecesWith($event), $isLater ? $event->at : $this->since, $pausedAt, $probe, $surface, $this->ovenRounds + ($event->kind === EventKind::OvenOut ? 1 : 0), match ($event->kind) {
            EventKind::OvenIn => $event->at,
            EventKind::OvenOut => null,
            default => $this->ovenSince,
        }, $event->kind === EventKind::SurfaceTaken ? [...array_slice($this->readings, 1 - self::READINGS), [(float) $event->celsius, $this->isLoaded()]] : $this->readings, $this->signsWith($event));
    }

    /** @return array{pieces: list<array<string, int|bool|list<int>>>, since: int|null, paused: int|null, probe: array<string, int|float|null>|null, surface: array{float, int}|null, oven: array{int, int|null}, readings: list<array{float, bool}>, signs: list<array<string, int|float|string>>} */
    public function toRow(): array
    {
        return [
            'pieces' => array_map(static fn (GriddlePiece $piece): array => $piece->toRow(), array_values($this->pieces)),
            'since' => $this->since === null ? null : LogTime::toMilliseconds($this->since),
            'paused' => $this->pausedAt === null ? null : LogTime::toMilliseconds($this->pausedAt),
            'probe' => $this->probe?->toRow(),
            'surface' => $this->surface === null ? null : [$this->surface[0], LogTime::toMilliseconds($this->surface[1])],
            'oven' => [$this->ovenRounds, $this->ovenSince === null ? null : LogTime::toMilliseconds($this->ovenSince)],
            'readings' => $this->readings,
            'signs' => array_map(static fn (SignSeen $sign): array => $sign->toRow(), $this->signs),
        ];
    }

    public static function ofRow(Row $row): self
    {
        $pieces = array_map(GriddlePiece::ofRow(...), $row->rows('pieces'));
        [$probe, $surface, $oven] = [$row->optionalRow('probe'), $row->optionalRow('surface'), $row->row('oven')];

        return new self(
            array_combine(array_map(static fn (GriddlePiece $piece): int => $piece->piece, $pieces), $pieces),
            LogTime::inRow($row, 'since'),
            LogTime::inRow($row, 'paused'),
            $probe === null ? null : Probe::ofRow($probe),
            $surface === null ? null : [$surface->number('0'), LogTime::ofMilliseconds($surface->whole('1'))],
            $oven->whole('0'),
            LogTime::inRow($oven, '1'),
            array_map(static fn (Row $reading): array => [$reading->number('0'), $reading->isTrue('1')], $row->rows('readings')),
            array_map(SignSeen::ofRow(...), $row->rows('signs')),
        );
    }

    private function isLoaded(): bool
    {
        return array_filter($this->pieces, static fn (GriddlePiece $piece): bool => ! $piece->lifted) !== [];
    }

    /** @return list<SignSeen> a touch that follows on *not yet* says by itself that it is time now */
    private function signsWith(BatchEvent $event): array
    {
        $piece = $this->pieces[(int) $event->piece] ?? null;
        if ($piece === null || $piece->lifted) {
            return $this->signs;
        }
        $touch = $piece->touches + 1;
        $said = SignsSeen::lastOf($this->signs, $piece);
        $sign = match (true) {
            $event->kind === EventKind::SignSeen => $event->sign,
            $event->isPlannedTouch() && $said?->sign === Doneness::NotYet => Doneness::Now,
            default => null,
        };

        return $sign === null ? $this->signs : [...array_slice($this->signs, 1 - self::SIGNS), new SignSeen($piece->piece, $touch, $sign, max(0.0, LogTime::between($piece->lastTouchedAt, $event->at)))];
    }

    /** @return array<int, GriddlePiece> */
    private function piecesWith(BatchEvent $event): array
    {
        $number = (int) $event->piece;
        $pieces = $this->pieces;
        if ($event->kind === EventKind::Laid) {
            $pieces[$number] = GriddlePiece::laid($number, (int) $event->place, $event->at);
        } elseif ($event->isPlannedTouch() && isset($pieces[$number])) {
            $pieces[$number] = $pieces[$number]->touched($event->at, $event->kind === EventKind::Lifted);
        }

        return $pieces;
    }
}
