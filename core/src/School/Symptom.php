<?php

declare(strict_types=1);

namespace StoneMill\School;

/** What a cook sees, feels, smells or tastes that should not be so. */
enum Symptom: string
{
    case Cracks = 'cracks';
    case Crumbles = 'crumbles';
    case SticksToHands = 'sticks_to_hands';
    case SticksToLiner = 'sticks_to_liner';
    case SticksToGriddle = 'sticks_to_griddle';
    case Slack = 'slack';
    case Lumps = 'lumps';
    case NoRise = 'no_rise';
    case TooThick = 'too_thick';
    case SpringsBack = 'springs_back';
    case Weeps = 'weeps';
    case GumStrings = 'gum_strings';
    case Tears = 'tears';
    case Uneven = 'uneven';
    case FillingOut = 'filling_out';
    case NoPuff = 'no_puff';
    case Blisters = 'blisters';
    case Curls = 'curls';
    case Dark = 'dark';
    case BurntSpots = 'burnt_spots';
    case Pale = 'pale';
    case Smoke = 'smoke';
    case FirstWorse = 'first_worse';
    case Shrank = 'shrank';
    case Gummy = 'gummy';
    case RawSmell = 'raw_smell';
    case Stiff = 'stiff';
    case Tough = 'tough';
    case Soggy = 'soggy';
    case Greasy = 'greasy';
    case LayersApart = 'layers_apart';
    case FillingWet = 'filling_wet';
    case FoldTears = 'fold_tears';
    case ChewyChips = 'chewy_chips';
    case Sour = 'sour';
    case Bitter = 'bitter';

    public function inWords(): string
    {
        return match ($this) {
            self::Cracks => 'Cracks at the edge',
            self::Crumbles => 'Crumbles',
            self::SticksToHands => 'Sticks to hands',
            self::SticksToLiner => 'Sticks to the liner',
            self::SticksToGriddle => 'Sticks to the griddle',
            self::Slack => 'Too slack',
            self::Lumps => 'Lumps',
            self::NoRise => 'Did not rise',
            self::TooThick => 'Batter runs too thick',
            self::SpringsBack => 'Draws back',
            self::Weeps => 'Weeps water',
            self::GumStrings => 'Stringy, slimy',
            self::Tears => 'Tears',
            self::Uneven => 'Thick on one side',
            self::FillingOut => 'Filling breaks out',
            self::NoPuff => 'Does not puff',
            self::Blisters => 'Blisters',
            self::Curls => 'Rim curls up',
            self::Dark => 'Too dark',
            self::BurntSpots => 'Burnt spots',
            self::Pale => 'Stays pale',
            self::Smoke => 'Blue-grey smoke',
            self::FirstWorse => 'First pieces are the worst',
            self::Shrank => 'Shrank',
            self::Gummy => 'Gummy middle',
            self::RawSmell => 'Smells of raw flour',
            self::Stiff => 'Dry and stiff',
            self::Tough => 'Tough',
            self::Soggy => 'Soggy in the stack',
            self::Greasy => 'Greasy',
            self::LayersApart => 'Layers come apart',
            self::FillingWet => 'Wet around the filling',
            self::FoldTears => 'Tears at the fold later',
            self::ChewyChips => 'Chips stay chewy',
            self::Sour => 'Sour',
            self::Bitter => 'Bitter',
        };
    }

    /** How it shows, so that two of them are told apart. */
    public function shows(): string
    {
        return match ($this) {
            self::Cracks => 'The rim splits when it is pressed, patted or bent.',
            self::Crumbles => 'Falls apart in the hand, or in bits on the way.',
            self::SticksToHands => 'Stays on palms and fingers.',
            self::SticksToLiner => 'Will not peel off whole.',
            self::SticksToGriddle => 'Does not let go of the metal when it is turned.',
            self::Slack => 'Keeps no shape; spreads by itself.',
            self::Lumps => 'Dry or stiff bits in a smooth dough.',
            self::NoRise => 'The mark on the bowl was not reached in time.',
            self::TooThick => 'The batter stays where it falls.',
            self::SpringsBack => 'The disc gets smaller again after shaping.',
            self::Weeps => 'Water stands around the dough.',
            self::GumStrings => 'Pulls threads; feels slippery.',
            self::Tears => 'Breaks when it is lifted or rolled.',
            self::Uneven => 'One side thin, the other thick.',
            self::FillingOut => 'The seam opens, or the wall breaks.',
            self::NoPuff => 'Lies flat to the end.',
            self::Blisters => 'Small bubbles that scorch.',
            self::Curls => 'The rim lifts off the metal.',
            self::Dark => 'The whole face is darker than wished.',
            self::BurntSpots => 'Black spots on a light face.',
            self::Pale => 'Done, and without colour.',
            self::Smoke => 'Not the white of steam.',
            self::FirstWorse => 'Later pieces of the same dough are better.',
            self::Shrank => 'Narrower than it was laid.',
            self::Gummy => 'Sticks to the teeth; a wet line in the cut.',
            self::RawSmell => 'Flour is smelt, and tasted at the end.',
            self::Stiff => 'Breaks instead of bending.',
            self::Tough => 'Bends, but hard to bite.',
            self::Soggy => 'Wet to the touch where pieces lay on each other.',
            self::Greasy => 'Leaves fat on the fingers.',
            self::LayersApart => 'Splits into two where it should be one.',
            self::FillingWet => 'The wall is wet inside.',
            self::FoldTears => 'Was soft; breaks where it is folded after some hours.',
            self::ChewyChips => 'Bends where it should snap.',
            self::Sour => 'Sharper than the bread should be.',
            self::Bitter => 'Bitter behind the taste of roasting.',
        };
    }

    /** A batter has no edge yet and is not touched; a dough does not run. */
    public function fits(Texture $texture): bool
    {
        return match ($this) {
            self::TooThick => $texture === Texture::Batter,
            self::Crumbles, self::SticksToHands, self::SticksToLiner, self::SpringsBack, self::FillingOut, self::FillingWet => $texture !== Texture::Batter,
            default => true,
        };
    }

    /** @return non-empty-list<Stage> where it can be had */
    public function stages(): array
    {
        return match ($this) {
            self::Lumps, self::TooThick => [Stage::Mix],
            self::GumStrings, self::Weeps => [Stage::Mix, Stage::Portion, Stage::Judge],
            self::Crumbles => [Stage::Mix, Stage::Portion, Stage::Shape, Stage::Judge],
            self::SticksToHands, self::Slack => [Stage::Mix, Stage::Portion, Stage::Shape],
            self::NoRise => [Stage::Portion, Stage::Shape, Stage::Judge],
            self::Cracks => [Stage::Mix, Stage::Portion, Stage::Shape, Stage::Griddle, Stage::Judge],
            self::SpringsBack => [Stage::Shape],
            self::SticksToLiner, self::Uneven => [Stage::Shape, Stage::Judge],
            self::FillingOut => [Stage::Shape, Stage::Griddle, Stage::Judge],
            self::Tears => [Stage::Shape, Stage::Griddle, Stage::Judge],
            self::SticksToGriddle, self::NoPuff, self::Blisters, self::Curls, self::Dark, self::BurntSpots, self::Pale, self::Shrank => [Stage::Griddle, Stage::Judge],
            self::Smoke, self::FirstWorse => [Stage::Griddle],
            self::Soggy => [Stage::Stack, Stage::Judge],
            self::Gummy, self::RawSmell, self::Stiff, self::Tough, self::Greasy, self::LayersApart => [Stage::Griddle, Stage::Stack, Stage::Judge],
            self::FillingWet, self::FoldTears, self::ChewyChips, self::Sour, self::Bitter => [Stage::Judge],
        };
    }
}
