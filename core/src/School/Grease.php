<?php

declare(strict_types=1);

namespace StoneMill\School;

/** What is between bread and metal, and on top. */
enum Grease: string
{
    case Dry = 'dry';
    case Wiped = 'wiped';
    case FatEachSide = 'fat_each_side';
    case WetTop = 'wet_top';

    public function usesFat(): bool
    {
        return $this === self::Wiped || $this === self::FatEachSide;
    }
}
