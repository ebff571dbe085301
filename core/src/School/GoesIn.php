<?php

declare(strict_types=1);

namespace StoneMill\School;

/** How a line of a formula comes into the dough. */
enum GoesIn: string
{
    case Dry = 'dry';
    case RubbedIn = 'rubbed_in';
    case InTheWater = 'in_the_water';
    case Warm = 'warm';
    case Melted = 'melted';
    case Browned = 'browned';
    case Whisked = 'whisked';
    case InStages = 'in_stages';
    case KneadedIn = 'kneaded_in';
    case AtTheEnd = 'at_the_end';
}
