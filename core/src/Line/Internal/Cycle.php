<?php

declare(strict_types=1);

namespace StoneMill\Line\Internal;

use StoneMill\Line\Crew;
use StoneMill\Line\LineTouch;
use StoneMill\Line\PieceWork;

/**
 * An even beat: a piece is laid every so many seconds, and its touches are moved inside their windows until those of all
 * the pieces that lie at the same time fall between each other. What fits once on the circle of the beat fits for ever.
 */
final class Cycle
{
    /** After so many positions looked at, a beat is given up. */
    private const MOST_LOOKS = 300;

    private int $looks = 0;

    /** @var list<array{float, float}> stretches of the circle that are taken: start within the beat, length */
    private array $taken = [];

    private function __construct(private readonly PieceWork $work, private readonly int $hands, private readonly float $beat, private readonly float $mostStay)
    {
    }

    /** The same work with its touches moved to fit the beat; null where they do not fit. */
    public static function fitted(PieceWork $work, Crew $crew, float $beat): ?PieceWork
    {
        $hands = $crew->hands;
        $cycle = new self($work, $hands, $beat, $beat * $crew->places - $work->recover);
        if ($work->lay > $beat * $hands || ! $cycle->take(0.0, $work->lay)) {
            return null;
        }
        $at = $cycle->place(0, $work->lay);
        if ($at === null) {
            return null;
        }
        $touches = array_map(
            static fn (LineTouch $touch, float $moved): LineTouch => new LineTouch($touch->action, $touch->from, $moved, $touch->to, $touch->hands),
            $work->touches,
            $at,
        );

        return new PieceWork($work->portion, $work->shape, $work->pressed, $work->lay, $touches, $work->recover, $work->dries, $work->oil);
    }

    /** @return non-empty-list<float>|null seconds since laid of this touch and those after it */
    private function place(int $index, float $earliest): ?array
    {
        $touch = $this->work->touches[$index];
        $isLast = $index === count($this->work->touches) - 1;
        foreach ($this->positions($touch, $earliest) as $at) {
            if (++$this->looks > self::MOST_LOOKS) {
                return null;
            }
            if (! $this->take($at, $touch->hands)) {
                continue;
            }
            $rest = $isLast ? [] : $this->place($index + 1, $at + $touch->hands);
            if ($rest !== null) {
                return [$at, ...$rest];
            }
            array_pop($this->taken);
        }

        return null;
    }

    /** @return list<float> moments worth looking at: the best one, and those that touch what is there already; the nearest first */
    private function positions(LineTouch $touch, float $earliest): array
    {
        $positions = [$touch->at, max($touch->from, $earliest), $touch->to];
        foreach ($this->taken as [$start, $length]) {
            foreach ([$start + $length, $start - $touch->hands] as $edge) {
                $turns = ceil(($touch->from - $edge) / $this->beat);
                for ($at = $edge + $turns * $this->beat; $at <= $touch->to; $at += $this->beat) {
                    $positions[] = $at;
                }
            }
        }
        // The lift leaves the place free when the beat comes round to it.
        $latest = min($touch->to, $this->mostStay - $touch->hands);
        $positions = array_values(array_filter($positions, static fn (float $at): bool => $at >= max($touch->from, $earliest) - Busy::DUST && $at <= $latest + Busy::DUST));
        usort($positions, static fn (float $a, float $b): int => abs($a - $touch->at) <=> abs($b - $touch->at));

        return $positions;
    }

    /** Takes a stretch of the circle where there are hands for it. */
    private function take(float $at, float $length): bool
    {
        $start = fmod($at, $this->beat);
        $this->taken[] = [$start, $length];
        foreach ($this->taken as [$moment]) {
            if ($this->handsAt($moment) > $this->hands) {
                array_pop($this->taken);

                return false;
            }
        }

        return true;
    }

    /** Pairs of hands that are wanted just after this moment of the beat. */
    private function handsAt(float $moment): int
    {
        $hands = 0;
        foreach ($this->taken as [$start, $length]) {
            $since = fmod($moment - $start + 2 * $this->beat, $this->beat);
            // A task longer than the beat overlaps with its own next one.
            $since = $since > $this->beat - Busy::DUST ? 0.0 : $since;
            for ($left = $length - $since; $left > Busy::DUST; $left -= $this->beat) {
                $hands++;
            }
        }

        return $hands;
    }
}
