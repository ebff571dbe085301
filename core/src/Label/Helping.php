<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Dough\WeighedExtra;

/** What goes into a piece, into what one eater takes, and into the whole batch: the sheet by which portions are set out. */
final readonly class Helping
{
    /**
     * @param int $pieces of the batch
     * @param int $each pieces that one eater takes
     * @param float $doughGrams of a piece, raw
     * @param list<WeighedExtra> $extras beside the dough
     */
    public function __construct(public int $pieces, public int $each, public float $doughGrams, public array $extras)
    {
    }
}
