<?php

declare(strict_types=1);

namespace StoneMill\Label;

/** The conditions under which a caution is shown. */
enum Hazard: string
{
    case Always = 'always';
    case HotWater = 'hot_water';
    case SwellingBinder = 'swelling_binder';
    case Machine = 'machine';
    case LeverPress = 'lever_press';
    case Liner = 'liner';
    case Puff = 'puff';
    case Split = 'split';
    case Greased = 'greased';
    case FlameFinish = 'flame_finish';
    case Allergens = 'allergens';
    case GlutenUnknown = 'gluten_unknown';
    case Oats = 'oats';
    case Wheat = 'wheat';
    case LowCarb = 'low_carb';
    case RawEgg = 'raw_egg';
    case Caustic = 'caustic';
    case Broiler = 'broiler';
    case LongWait = 'long_wait';
}
