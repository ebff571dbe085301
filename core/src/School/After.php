<?php

declare(strict_types=1);

namespace StoneMill\School;

/** Where a bread goes when it leaves the griddle. */
enum After: string
{
    case StackInCloth = 'stack_in_cloth';
    case StackToCool = 'stack_to_cool';
    case Rack = 'rack';
    case LinedBox = 'lined_box';
    case LowOven = 'low_oven';
}
