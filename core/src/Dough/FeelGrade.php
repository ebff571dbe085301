<?php

declare(strict_types=1);

namespace StoneMill\Dough;

/** The state of a dough as the hand finds it. */
enum FeelGrade: string
{
    case Powdery = 'powdery';
    case Crumbly = 'crumbly';
    case Cracking = 'cracking';
    case Ready = 'ready';
    case Tacky = 'tacky';
    case Sticky = 'sticky';
    case Slack = 'slack';

    /** Points of hydration that the dough is off: below zero is too dry. */
    public function offsetPoints(): float
    {
        return match ($this) {
            self::Powdery => -15.0,
            self::Crumbly => -10.0,
            self::Cracking => -5.0,
            self::Ready => 0.0,
            self::Tacky => 4.0,
            self::Sticky => 8.0,
            self::Slack => 14.0,
        };
    }

    /** The test that tells this grade from its neighbours. */
    public function test(): string
    {
        return match ($this) {
            self::Powdery => 'Will not hold when squeezed.',
            self::Crumbly => 'Holds, then breaks.',
            self::Cracking => 'A thumb print has split edges.',
            self::Ready => 'Clean thumb print; leaves bowl and hand; a squeezed ball shows no cracks.',
            self::Tacky => 'Marks the hand.',
            self::Sticky => 'Stays on hand and liner.',
            self::Slack => 'Will not keep a ball.',
        };
    }
}
