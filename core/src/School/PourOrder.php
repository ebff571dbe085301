<?php

declare(strict_types=1);

namespace StoneMill\School;

/** Which comes to which; a dough does as well either way. */
enum PourOrder: string
{
    case WaterIntoFlour = 'water_into_flour';
    case FlourIntoWater = 'flour_into_water';
}
