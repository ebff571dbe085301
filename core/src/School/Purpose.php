<?php

declare(strict_types=1);

namespace StoneMill\School;

/** What the bread must do on the plate. */
enum Purpose: string
{
    case Wrap = 'wrap';
    case Fold = 'fold';
    case Fill = 'fill';
    case Split = 'split';
    case Dip = 'dip';
    case Top = 'top';
    case Crisp = 'crisp';

    /** Points of weight that a bread for this loses beside the usual one: soft enough to bend, dry enough to snap. Planning estimates. */
    public function lossPoints(): float
    {
        return match ($this) {
            self::Wrap => -1.5,
            self::Fold, self::Split => -1.0,
            self::Top => -2.0,
            self::Crisp => 3.5,
            self::Fill, self::Dip => 0.0,
        };
    }

    /** How much darker its faces are, in shade: what is baked again is left pale. Planning estimates. */
    public function darker(): float
    {
        return match ($this) {
            self::Wrap => -0.05,
            self::Fold => -0.03,
            self::Top => -0.08,
            self::Crisp => 0.06,
            self::Fill, self::Split, self::Dip => 0.0,
        };
    }

    /** Times as thick as the usual one. Planning estimates. */
    public function thicker(): float
    {
        return match ($this) {
            self::Wrap => 0.95,
            self::Split => 1.15,
            self::Top => 1.05,
            self::Crisp => 0.88,
            self::Fold, self::Fill, self::Dip => 1.0,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Wrap => 'wrap around a filling',
            self::Fold => 'fold without cracking',
            self::Fill => 'hold a filling inside',
            self::Split => 'split and be stuffed',
            self::Dip => 'tear and dip',
            self::Top => 'carry a topping',
            self::Crisp => 'crisp into chips',
        };
    }
}
