<?php

declare(strict_types=1);

namespace StoneMill\Swap;

use StoneMill\Dough\Rise;
use StoneMill\Pantry\Family;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;

/** What can stand in for what, and how much of it does as much. */
enum StandIn
{
    /** Flours and starches: gram for gram, what they lack in hold is made up by a binder. */
    case Flour;
    /** Gums, gels, egg and potato: as much as holds as well. */
    case Binder;
    /** Fats: as much fat. */
    case Fat;
    /** Salts: as much salt. */
    case Salt;
    /** Yeasts: as much strength. */
    case Yeast;
    /** Others: gram for gram within their family. */
    case SameFamily;

    public static function of(Ingredient $ingredient): self
    {
        return match (true) {
            $ingredient->role->isFlourBase() => self::Flour,
            $ingredient->role === Role::Binder, $ingredient->role === Role::Egg, $ingredient->role === Role::Potato => self::Binder,
            $ingredient->role === Role::Fat => self::Fat,
            $ingredient->role === Role::Salt => self::Salt,
            self::isYeast($ingredient) => self::Yeast,
            default => self::SameFamily,
        };
    }

    /** Grams of the new ingredient that do what one gram of the old does, or null where it cannot stand in. */
    public function ratio(Ingredient $old, Ingredient $new): ?float
    {
        $over = static fn (float $had, float $has): ?float => $had > 0 && $has > 0 ? $had / $has : null;

        return match ($this) {
            self::Flour => 1.0,
            self::Binder => $over($old->coldBinding, $new->coldBinding),
            self::Fat => $over($old->composition->fatGrams, $new->composition->fatGrams),
            self::Salt => $over($old->composition->saltGrams, $new->composition->saltGrams),
            self::Yeast => $over(self::strength($old), self::strength($new)),
            self::SameFamily => $old->family === $new->family && $old->family !== Family::Water ? 1.0 : null,
        };
    }

    private static function isYeast(Ingredient $ingredient): bool
    {
        return str_starts_with($ingredient->id, 'yeast-');
    }

    private static function strength(Ingredient $yeast): float
    {
        return $yeast->id === 'yeast-active' ? Rise::asInstant(1.0) : 1.0;
    }
}
