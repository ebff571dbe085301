<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** How a cup gets filled: the same cup holds up to half as much again when packed. */
enum Fill: string
{
    case Spooned = 'spooned';
    case Scooped = 'scooped';
    case Packed = 'packed';
}
