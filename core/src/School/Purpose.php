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
