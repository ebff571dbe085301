<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

/** What can be said of an ingredient before anybody has read the bag. */
enum GlutenNature: string
{
    case FreeByNature = 'free_by_nature';
    case NeedsCertification = 'needs_certification';
    case ContainsWheat = 'contains_wheat';
}
