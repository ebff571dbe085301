<?php

declare(strict_types=1);

namespace StoneMill\Line;

/**
 * No order of work gets the last piece off sooner than this, in seconds from the first piece weighed. Each of
 * three counts leaves out what the others look at, so each is a lower bound and the largest names the bottleneck:
 *
 * - hands: when the last piece is laid, all pieces are weighed and shaped, all others are laid, and all but those
 *   that still fit on the griddle are off: so much work lies before that moment.
 * - griddle: a place that has held a piece is free a stay and a recovery later, so the last piece is laid at the
 *   earliest so many stays after the first round.
 * - press and scale: pieces go through one at a time.
 */
final readonly class Bound
{
    private function __construct(public float $seconds, public Bottleneck $by)
    {
    }

    public static function of(PieceWork $work, Crew $crew, int $pieces): self
    {
        $bounds = [
            Bottleneck::Hands->value => self::lastLayByHands($work, $crew, $pieces),
            Bottleneck::Griddle->value => self::lastLayByGriddle($work, $crew, $pieces),
            Bottleneck::Press->value => $work->pressed ? $work->portion + $pieces * $work->shape : 0.0,
            Bottleneck::Scale->value => $pieces * $work->portion + $work->shape,
        ];
        $most = max($bounds);

        return new self($most + $work->stay, Bottleneck::from((string) array_search($most, $bounds, true)));
    }

    private static function lastLayByHands(PieceWork $work, Crew $crew, int $pieces): float
    {
        $through = max(0, $pieces - $crew->places);
        // Other pairs of hands may still be laying at that moment.
        $laid = max(0, $pieces - $through - $crew->hands);
        $before = $through * $work->hands + ($pieces - $through) * ($work->portion + $work->shape) + $laid * $work->lay;

        // Nothing but weighing and shaping is done before the griddle is hot.
        $hot = $through * ($work->hands - $work->portion - $work->shape) + $laid * $work->lay;

        return max($before / $crew->hands, $crew->hotAt + $hot / $crew->hands);
    }

    private static function lastLayByGriddle(PieceWork $work, Crew $crew, int $pieces): float
    {
        $round = intdiv($pieces - 1, $crew->places);
        $before = ($pieces - 1) % $crew->places;
        // One pair of hands weighs all pieces before it shapes the first; of more, one weighs and the others begin.
        $weighed = $crew->hands === 1 ? $pieces : $before + 1;
        $laid = max(0, $before + 1 - $crew->hands);
        $first = max(
            $crew->hotAt,
            $work->portion * ($crew->hands === 1 ? $pieces : 1) + $work->shape,
            ($weighed * $work->portion + ($before + 1) * $work->shape + $laid * $work->lay) / $crew->hands,
        );

        return $first + $round * ($work->stay + $work->recover);
    }
}
