<?php

declare(strict_types=1);

namespace StoneMill\School;

/** Where a covered dough waits. */
enum RestPlace: string
{
    case Room = 'room';
    case Warm = 'warm';
    case Cool = 'cool';
    case Fridge = 'fridge';

    /** °C there; an oven with only its lamp on, a cellar or a north window sill, a fridge. Planning estimates; null for the room's own. */
    public function celsius(): ?float
    {
        return match ($this) {
            self::Room => null,
            self::Warm => 32.0,
            self::Cool => 12.0,
            self::Fridge => 5.0,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Room => 'in the room',
            self::Warm => 'somewhere warm, as in the oven with its lamp on',
            self::Cool => 'somewhere cool, as in a cellar',
            self::Fridge => 'in the fridge',
        };
    }
}
