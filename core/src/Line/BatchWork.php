<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\School\AheadStep;

/** All that one batch asks for before, at and after the griddle; seconds throughout. */
final readonly class BatchWork
{
    /**
     * @param list<AheadStep> $ahead what a style wants hours before the dough is made
     * @param bool $scalds whether the water goes over the flour boiling, or the flour is cooked in it
     * @param int $lines to weigh
     * @param float $handWarm until hands bear the dough
     * @param float $secondRest of the pieces, once the dough is divided
     * @param bool $kneadsHot by a machine, which leaves the hands free and need not wait for the dough to cool
     * @param float|null $keeps how long a mixed dough may wait before its last piece is laid; null where it may
     * @param bool $isBatter a batter that has waited too long is stirred and thinned; a dough is made anew
     * @param int $ovenHolds pieces that finish together
     * @param float $finish of one oven load
     * @param float $stack from the last piece on until the stack is soft
     */
    public function __construct(
        public array $ahead,
        public bool $scalds,
        public int $lines,
        public Pace $pace,
        public float $handWarm,
        public float $rest,
        public float $secondRest,
        public bool $kneadsHot,
        public ?float $keeps,
        public bool $isBatter,
        public float $preheat,
        public PieceWork $piece,
        public int $ovenHolds,
        public float $finish,
        public float $stack,
    ) {
    }

    public function making(): float
    {
        return $this->pace->pour + ($this->kneadsHot ? max($this->handWarm, $this->pace->knead) : $this->handWarm + $this->pace->knead) + $this->pace->feel;
    }
}
