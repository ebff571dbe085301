<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** What a cook can look into when something is wrong. */
enum Inquiry: string
{
    case Feel = 'feel';
    case Bowl = 'bowl';
    case Warmth = 'warmth';
    case Scald = 'scald';
    case Hold = 'hold';
    case Rest = 'rest';
    case Board = 'board';
    case Thickness = 'thickness';
    case Metal = 'metal';
    case FirstSide = 'first_side';
    case SecondSide = 'second_side';
    case Weight = 'weight';

    public function question(): string
    {
        return match ($this) {
            self::Feel => 'How did the dough feel?',
            self::Bowl => 'How much water is in the bowl?',
            self::Warmth => 'How hot was the water?',
            self::Scald => 'How much of the starch is swollen?',
            self::Hold => 'What holds it together?',
            self::Rest => 'How long did it rest?',
            self::Board => 'How long did the pieces wait?',
            self::Thickness => 'How thick are they?',
            self::Metal => 'How hot was the metal?',
            self::FirstSide => 'How long did the first side lie?',
            self::SecondSide => 'How long did the second side lie?',
            self::Weight => 'How much weight was lost?',
        };
    }

    /** @return non-empty-list<Signal> that tell it */
    public function signals(): array
    {
        return match ($this) {
            self::Feel => [Signal::FeltDry],
            self::Bowl => [Signal::BowlDry, Signal::PlannedDry],
            self::Warmth => [Signal::YeastHot, Signal::DoughCool],
            self::Scald => [Signal::ScaldShort],
            self::Hold => [Signal::BindingLow],
            self::Rest => [Signal::RestCut],
            self::Board => [Signal::WaitedOpen],
            self::Thickness => [Signal::DiscsThin],
            self::Metal => [Signal::MetalCool, Signal::PlannedCool],
            self::FirstSide => [Signal::FirstShort],
            self::SecondSide => [Signal::LiftedEarly],
            self::Weight => [Signal::LostMuch],
        };
    }
}
