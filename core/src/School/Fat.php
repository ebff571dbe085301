<?php

declare(strict_types=1);

namespace StoneMill\School;

/**
 * Fat in the dough: softer, shorter, less puff. The lines of a formula say which and how much; the school is what a cook calls
 * it, and names the line that stands for it where a formula is yet to be written.
 */
enum Fat: string
{
    case None = 'none';
    case Oil = 'oil';
    case Lard = 'lard';
    case Ghee = 'ghee';
    case Butter = 'butter';

    /** Usual in % of the flour where nobody said how much; practice goes from 2 to 8. Planning estimate. */
    public const USUAL_PERCENT = 4.0;

    /** The school that a fat of the catalogue belongs to. */
    public static function ofIngredient(string $id): self
    {
        return match ($id) {
            'lard' => self::Lard,
            'ghee' => self::Ghee,
            'butter', 'browned-butter' => self::Butter,
            default => self::Oil,
        };
    }

    /** The line that this school puts into a formula; null for none. */
    public function ingredient(): ?string
    {
        return match ($this) {
            self::None => null,
            self::Oil => 'sunflower-oil',
            self::Lard => 'lard',
            self::Ghee => 'ghee',
            self::Butter => 'browned-butter',
        };
    }
}
