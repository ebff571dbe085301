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
    case Dairy = 'dairy';
    case Vegetable = 'vegetable';
    case Potato = 'potato';
    case Sugar = 'sugar';
    case Acid = 'acid';
    case Spice = 'spice';
    /** Cooked pulses, meats and spreads: into or onto a bread rather than into its dough. */
    case Filling = 'filling';
    case Alkali = 'alkali';
    case Kernel = 'kernel';

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

    /** Salt, gums and leavening keep their share when flour is added to a wet dough; egg, fat and vegetables are not added again. */
    public function goesWithFlour(): bool
    {
        return match ($this) {
            self::Flour, self::Starch, self::Binder, self::Salt, self::Leavening, self::Sugar, self::Spice, self::Alkali => true,
            self::Egg, self::Fat, self::Water, self::Dairy, self::Vegetable, self::Potato, self::Acid, self::Kernel, self::Filling => false,
        };
    }
}
