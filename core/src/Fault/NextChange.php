<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** How the next batch could be planned otherwise. */
enum NextChange: string
{
    case MoreWater = 'more_water';
    case LessWater = 'less_water';
    case MoreScald = 'more_scald';
    case BoilingWater = 'boiling_water';
    case WarmWater = 'warm_water';
    case WarmDough = 'warm_dough';
    case LongerRest = 'longer_rest';
    case NoRest = 'no_rest';
    case KneadMore = 'knead_more';
    case MoreBinder = 'more_binder';
    case LessBinder = 'less_binder';
    case MoreFat = 'more_fat';
    case LessFat = 'less_fat';
    case MoreSalt = 'more_salt';
    case LessAcid = 'less_acid';
    case LessLeavening = 'less_leavening';
    case Weigh = 'weigh';
    case Thicker = 'thicker';
    case Thinner = 'thinner';
    case SmallerPieces = 'smaller_pieces';
    case Hotter = 'hotter';
    case Cooler = 'cooler';
    case LongerBake = 'longer_bake';
    case ShorterBake = 'shorter_bake';
    case TurnLater = 'turn_later';
    case TurnSooner = 'turn_sooner';
    case WipeFat = 'wipe_fat';
    case DryMetal = 'dry_metal';
    case WetTop = 'wet_top';
    case PressOnGriddle = 'press_on_griddle';
    case StackInCloth = 'stack_in_cloth';
    case CoolApart = 'cool_apart';
}
