<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** What holds the batch up: more of this, and only this, would make it quicker. */
enum Bottleneck: string
{
    case Hands = 'hands';
    case Griddle = 'griddle';
    case Press = 'press';
    case Scale = 'scale';

    public function inWords(): string
    {
        return match ($this) {
            self::Hands => 'Hands hold it up: the griddle waits for them.',
            self::Griddle => 'The griddle holds it up: hands wait for a free place.',
            self::Press => 'The press holds it up: one piece at a time goes through it.',
            self::Scale => 'The scale holds it up: weighing out takes longer than the rest.',
        };
    }
}
