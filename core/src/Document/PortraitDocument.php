<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Plan\Portrait;

/** The numbers that a picture of a bread is drawn from. */
final class PortraitDocument
{
    /** @return array{diameter_mm: float, thickness_mm: float, puffs: bool, base: string, spot: string, side: string, rim: non-empty-list<float>, spots: list<array{float, float, float}>} */
    public static function json(Portrait $portrait): array
    {
        return [
            'diameter_mm' => round($portrait->diameterMillimetres, 1),
            'thickness_mm' => round($portrait->thicknessMillimetres, 2),
            'puffs' => $portrait->puffs,
            'base' => $portrait->base, 'spot' => $portrait->spot, 'side' => $portrait->side,
            'rim' => $portrait->rim, 'spots' => $portrait->spots,
        ];
    }
}
