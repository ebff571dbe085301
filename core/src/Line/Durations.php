<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** How long the steps of one batch take, in seconds: planning defaults that the record can correct. */
final readonly class Durations
{
    public const WEIGH_LINE = 30.0;

    public const POUR = 60.0;

    public const FEEL = 60.0;

    public const PORTION_PIECE = 8.0;

    public const LAY = 4.0;

    public const TURN = 4.0;

    public const LIFT = 4.0;

    /**
     * @param float $finish of the whole batch, off the griddle
     * @param float $flame of each piece, in hand
     */
    public function __construct(
        public int $lines,
        public float $knead,
        public float $handWarm,
        public float $rest,
        public float $shapePiece,
        public float $preheat,
        public float $stack,
        public float $finish = 0.0,
        public float $flame = 0.0,
    ) {
    }
}
