<?php

declare(strict_types=1);

namespace StoneMill\Dough;

/** What water for the jug comes from. */
enum WaterSource: string
{
    case Ice = 'ice';
    case Tap = 'tap';
    case Kettle = 'kettle';
}
