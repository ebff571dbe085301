<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** What hands can still do about a fault in the batch under way. */
enum NowAct: string
{
    case WorkInWater = 'work_in_water';
    case WorkInDryMix = 'work_in_dry_mix';
    case RestOn = 'rest_on';
    case KneadOn = 'knead_on';
    case CoverNow = 'cover_now';
    case WetHands = 'wet_hands';
    case OilHands = 'oil_hands';
    case OilLiner = 'oil_liner';
    case PressLess = 'press_less';
    case PressMore = 'press_more';
    case EvenOut = 'even_out';
    case SealAgain = 'seal_again';
    case TurnDown = 'turn_down';
    case TurnUp = 'turn_up';
    case LieLonger = 'lie_longer';
    case LieShorter = 'lie_shorter';
    case TurnLater = 'turn_later';
    case WaitForHeat = 'wait_for_heat';
    case FewerAtOnce = 'fewer_at_once';
    case WetNext = 'wet_next';
    case WipeFat = 'wipe_fat';
    case WipeClean = 'wipe_clean';
    case PressPuff = 'press_puff';
    case StackCovered = 'stack_covered';
    case CoolApart = 'cool_apart';
    case WarmSpot = 'warm_spot';
    case Whisk = 'whisk';
    case Sieve = 'sieve';
    case BakeThrough = 'bake_through';
    case ServeNow = 'serve_now';
}
