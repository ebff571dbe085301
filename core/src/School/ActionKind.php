<?php

declare(strict_types=1);

namespace StoneMill\School;

/** One kind of work, or of waiting, in the order of a batch. */
enum ActionKind: string
{
    /** Corn in lime water over the flame. */
    case Simmer = 'simmer';
    /** Corn in its lime water off the flame. */
    case Steep = 'steep';
    case Grind = 'grind';
    case Weigh = 'weigh';
    /** Hot water into the flour. */
    case Scald = 'scald';
    case Pour = 'pour';
    /** Until hands bear it. */
    case Cool = 'cool';
    case Knead = 'knead';
    case Feel = 'feel';
    case Rest = 'rest';
    case SecondRest = 'second_rest';
    /** A batter that has stood. */
    case Stir = 'stir';
    /** The next jug of batter. */
    case Refill = 'refill';
    /** The griddle is on and empty. */
    case Preheat = 'preheat';
    case Portion = 'portion';
    case Shape = 'shape';
    case Oil = 'oil';
    case Lay = 'lay';
    case Turn = 'turn';
    case Press = 'press';
    case PressDown = 'press_down';
    case Wet = 'wet';
    case Brush = 'brush';
    case Lift = 'lift';
    /** In the oven, or under the broiler. */
    case Finish = 'finish';
    case Stack = 'stack';

    public static function ofTouch(TurnAction $touch): self
    {
        return self::from($touch->value);
    }

    /** The stage that it belongs to; null for what goes on beside all of them. A batter is stirred at the griddle too. */
    public function stage(): ?Stage
    {
        return match ($this) {
            self::Simmer, self::Steep, self::Grind, self::Weigh => Stage::Measure,
            self::Scald, self::Pour => Stage::Water,
            self::Cool, self::Knead, self::Feel => Stage::Mix,
            self::Rest, self::Stir => Stage::Rest,
            self::SecondRest, self::Portion => Stage::Portion,
            self::Shape => Stage::Shape,
            self::Refill, self::Oil, self::Lay, self::Turn, self::Press, self::PressDown, self::Wet, self::Brush, self::Lift, self::Finish => Stage::Griddle,
            self::Stack => Stage::Stack,
            self::Preheat => null,
        };
    }
}
