<?php

declare(strict_types=1);

namespace StoneMill\School;

/** The stages of the work, in the order in which it is done. */
enum Stage: string
{
    case Choose = 'choose';
    case Measure = 'measure';
    case Water = 'water';
    case Mix = 'mix';
    case Rest = 'rest';
    case Portion = 'portion';
    case Shape = 'shape';
    case Griddle = 'griddle';
    case Stack = 'stack';
    case Judge = 'judge';

    public function isAfter(self $other): bool
    {
        return array_search($this, self::cases(), true) > array_search($other, self::cases(), true);
    }
}
