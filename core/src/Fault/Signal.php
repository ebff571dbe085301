<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** What a plan and its log can say for or against a cause. Each is looked for by one of the rooms' readers. */
enum Signal: string
{
    case FeltDry = 'felt_dry';
    case FeltWet = 'felt_wet';
    case NotFelt = 'not_felt';
    case BowlDry = 'bowl_dry';
    case BowlWet = 'bowl_wet';
    case PlannedDry = 'planned_dry';
    case PlannedWet = 'planned_wet';
    case BindingLow = 'binding_low';
    case BindingHigh = 'binding_high';
    case ScaldShort = 'scald_short';
    case DoughCool = 'dough_cool';
    case DoughHot = 'dough_hot';
    case NewBag = 'new_bag';
    case ByCup = 'by_cup';
    case NoSalt = 'no_salt';
    case MuchFat = 'much_fat';
    case LittleFat = 'little_fat';
    case KneadShort = 'knead_short';
    case RestCut = 'rest_cut';
    case Weakens = 'weakens';
    case YeastHot = 'yeast_hot';
    case RiseCool = 'rise_cool';
    case WaitedOpen = 'waited_open';
    case DiscsThin = 'discs_thin';
    case DiscsThick = 'discs_thick';
    case PiecesUneven = 'pieces_uneven';
    case ByHand = 'by_hand';
    case DryRoom = 'dry_room';
    case MetalCool = 'metal_cool';
    case MetalHot = 'metal_hot';
    case PlannedCool = 'planned_cool';
    case PlannedHot = 'planned_hot';
    case BurnerWeak = 'burner_weak';
    case FirstShort = 'first_short';
    case FirstLong = 'first_long';
    case LiftedEarly = 'lifted_early';
    case LiftedLate = 'lifted_late';
    case LostMuch = 'lost_much';
    case LostLittle = 'lost_little';
    case FreshMetal = 'fresh_metal';
    case DryMetal = 'dry_metal';
    case FatOnMetal = 'fat_on_metal';
    case NoPress = 'no_press';
    case ThickForPuff = 'thick_for_puff';
    case Crowded = 'crowded';
    case StackedHot = 'stacked_hot';
    case LeftOpen = 'left_open';

    /** How many times likelier a cause gets that it speaks for outright: what was measured or felt says more than what is only usual. Planning estimates. */
    public function weight(): float
    {
        return match ($this) {
            self::FeltDry, self::FeltWet, self::BowlDry, self::BowlWet, self::ScaldShort, self::RestCut, self::MetalCool, self::MetalHot,
            self::DiscsThin, self::DiscsThick, self::FirstShort, self::FirstLong, self::LiftedEarly, self::LiftedLate, self::YeastHot, self::BindingLow, self::BindingHigh => 8.0,
            self::PlannedDry, self::PlannedWet, self::DoughCool, self::DoughHot, self::LostMuch, self::LostLittle, self::PiecesUneven, self::PlannedCool, self::PlannedHot, self::BurnerWeak,
            self::WaitedOpen, self::FreshMetal, self::Weakens, self::NoPress, self::ThickForPuff, self::MuchFat, self::NoSalt => 5.0,
            self::NotFelt, self::NewBag, self::ByCup, self::LittleFat, self::KneadShort, self::RiseCool, self::ByHand, self::DryRoom, self::DryMetal, self::FatOnMetal, self::Crowded,
            self::StackedHot, self::LeftOpen => 2.5,
        };
    }
}
