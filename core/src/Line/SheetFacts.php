<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\Griddle\TurnWindow;
use StoneMill\School\Finish;
use StoneMill\School\WorkStep;

/** What a run sheet tells of a batch. */
final readonly class SheetFacts
{
    /**
     * @param string $eaters for whom it is not
     * @param list<SheetLine> $lines of the dough
     * @param list<SheetLine> $extras beside it
     * @param list<WorkStep> $steps
     * @param float $lengthShare of a long piece, over a round one of its weight
     * @param non-empty-list<TurnWindow> $touches turns and lift, in order
     * @param list<Action> $actions by start
     * @param string $keeping how it keeps and is warmed again; empty where the plan does not say
     * @param int $warmMinutes that the stack stays warm
     */
    public function __construct(
        public string $bread,
        public string $eaters,
        public array $lines,
        public array $extras,
        public array $steps,
        public float $firstPourGrams,
        public float $reserveGrams,
        public float $waterCelsius,
        public string $restWords,
        public int $count,
        public float $pieceGrams,
        public float $diameterMillimetres,
        public float $thicknessMillimetres,
        public float $lengthShare,
        public float $widthShare,
        public float $surfaceCelsius,
        public array $touches,
        public Finish $finish,
        public int $places,
        public array $actions,
        public int $lengthSeconds,
        public string $keeping,
        public int $warmMinutes,
    ) {
    }
}
