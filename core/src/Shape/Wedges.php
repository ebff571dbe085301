<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Exception\OutOfRange;

/** One round over the whole pan, cut in equal wedges. */
final readonly class Wedges
{
    /** @throws OutOfRange If there are fewer than two wedges or more than twelve. */
    public function __construct(private Disc $round, private int $count)
    {
        OutOfRange::guard('number of wedges', $count, 2, 12);
    }

    /** @return array{count: int, wedge_grams: float, round_grams: float, angle_degrees: float, side_mm: float, rim_mm: float} */
    public function toArray(): array
    {
        $radius = $this->round->diameterMillimetres / 2;

        return [
            'count' => $this->count,
            'wedge_grams' => round($this->round->grams / $this->count, 1),
            'round_grams' => round($this->round->grams, 1),
            'angle_degrees' => round(360 / $this->count, 1),
            'side_mm' => round($radius, 1),
            'rim_mm' => round(2 * M_PI * $radius / $this->count, 1),
        ];
    }
}
