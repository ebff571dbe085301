<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Exception\OutOfRange;

/** One round over the whole pan, cut in equal wedges. */
final readonly class Wedges
{
    /** @throws OutOfRange If there are fewer than two wedges or more than twelve. */
    public function __construct(public Disc $round, public int $count)
    {
        OutOfRange::guard('number of wedges', $count, 2, 12);
    }

    public function grams(): float
    {
        return $this->round->grams / $this->count;
    }

    public function angleDegrees(): float
    {
        return 360 / $this->count;
    }

    public function sideMillimetres(): float
    {
        return $this->round->diameterMillimetres / 2;
    }

    public function rimMillimetres(): float
    {
        return 2 * M_PI * $this->sideMillimetres() / $this->count;
    }
}
