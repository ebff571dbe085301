<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\School\Texture;

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

    /** How far off a hand may be that calls a dough so, in points: surest when it is ready, least sure far from it. Planning estimates. */
    public function deviationPoints(): float
    {
        return match ($this) {
            self::Ready => 2.0,
            self::Cracking, self::Tacky => 3.0,
            self::Crumbly, self::Sticky => 4.0,
            self::Slack => 5.0,
            self::Powdery => 6.0,
        };
    }

    /** What a cook calls it: a dough is felt, a batter is watched as it runs. */
    public function inWords(Texture $texture): string
    {
        return $texture === Texture::Batter ? $this->batter()[0] : ucfirst($this->value);
    }

    /** The test that tells this grade from its neighbours. */
    public function test(Texture $texture): string
    {
        if ($texture === Texture::Batter) {
            return $this->batter()[1];
        }
        if ($texture === Texture::Raised) {
            return $this->raised();
        }

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

    /** A dough bound by gums and psyllium is right when it still marks the hand: it tightens while it rises. */
    private function raised(): string
    {
        return match ($this) {
            self::Powdery => 'Dry flour stays at the bottom.',
            self::Crumbly => 'Falls apart in lumps.',
            self::Cracking => 'Keeps a ball like a dry dough; its skin splits when patted.',
            self::Ready => 'Tacky: marks a dry hand, lets go of an oiled one, keeps a soft mound.',
            self::Tacky => 'Clings to an oiled hand.',
            self::Sticky => 'Spreads slowly and takes no shape.',
            self::Slack => 'Runs like a thick batter.',
        };
    }

    /** @return array{string, string} name and test of a batter of this grade */
    private function batter(): array
    {
        return match ($this) {
            self::Powdery => ['Paste', 'Stays on the spoon.'],
            self::Crumbly => ['Clots', 'Falls in lumps.'],
            self::Cracking => ['Thick', 'Its track stays.'],
            self::Ready => ['Ready', 'Runs in a ribbon that levels in a few breaths.'],
            self::Tacky => ['Runny', 'Levels at once.'],
            self::Sticky => ['Thin', 'Runs like cream.'],
            self::Slack => ['Watery', 'Runs like milk.'],
        };
    }
}
