<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Shape\Stuffed;

/** A filled round: how far it is opened, how thick its walls stay. */
final readonly class StuffedPart
{
    public function __construct(private Stuffed $stuffed)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'dough_grams' => round($this->stuffed->doughGrams, 1),
            'filling_grams' => round($this->stuffed->fillingGrams, 1),
            'filling_percent' => round($this->stuffed->fillingPercent(), 1),
            'total_grams' => round($this->stuffed->doughGrams + $this->stuffed->fillingGrams, 1),
            'opening_mm' => round($this->stuffed->openingMillimetres(), 1),
            'opening_thickness_mm' => round($this->stuffed->openingThicknessMillimetres(), 2),
            'filling_ball_mm' => round(2 * $this->stuffed->fillingRadiusMillimetres(), 1),
            'diameter_mm' => round($this->stuffed->diameterMillimetres(), 1),
            'thickness_mm' => round($this->stuffed->thicknessMillimetres, 2),
            'walls_mm' => array_map(static fn (float $wall): float => round($wall, 2), $this->stuffed->walls()),
            'least_wall_mm' => round($this->stuffed->leastWallMillimetres(), 2),
            'most_filling_grams' => round($this->stuffed->mostFillingGrams(), 1),
            'weakest' => $this->stuffed->weakest(),
            'holds' => $this->stuffed->holds(),
            'words' => $this->stuffed->inWords(),
        ];
    }
}
