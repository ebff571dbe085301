<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

/** What an ingredient does in a dough. */
enum Role: string
{
    case Flour = 'flour';
    case Starch = 'starch';
    case Binder = 'binder';
    case Egg = 'egg';
    case Fat = 'fat';
    case Salt = 'salt';
    case Leavening = 'leavening';
    case Water = 'water';

    /** Dry flours and starches make up the flour base, which is 100 %. */
    public function isFlourBase(): bool
    {
        return $this === self::Flour || $this === self::Starch;
    }

    /** Flours and gums take water up; what else is wet brings some. */
    public function takesWater(): bool
    {
        return $this->isFlourBase() || $this === self::Binder;
    }
}
