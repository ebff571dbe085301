<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Dough\WeighedLine;
use StoneMill\Pantry\GlutenNature;
use StoneMill\Pantry\Role;

/** What may be said about gluten, which is never more than the bags allow. */
enum GlutenStatus: string
{
    case ContainsWheat = 'contains_wheat';
    case CrossContactUnknown = 'no_gluten_ingredient_cross_contact_unknown';
    case AllCertified = 'all_lines_from_certified_lots';

    /**
     * @param list<WeighedLine> $lines
     * @param array<string, bool> $certifiedLots by lot
     */
    public static function of(array $lines, array $certifiedLots): self
    {
        foreach ($lines as $line) {
            if ($line->ingredient->gluten === GlutenNature::ContainsWheat) {
                return self::ContainsWheat;
            }
        }

        return self::uncertified($lines, $certifiedLots) === [] ? self::AllCertified : self::CrossContactUnknown;
    }

    /**
     * The dry lines, and what a kitchen or a factory has made up, that no certified lot stands behind. Salt, water, eggs and plain fats carry no flour dust.
     *
     * @param list<WeighedLine> $lines
     * @param array<string, bool> $certifiedLots
     * @return list<string> names
     */
    public static function uncertified(array $lines, array $certifiedLots): array
    {
        $names = [];
        foreach ($lines as $line) {
            $role = $line->ingredient->role;
            $needs = $role->takesWater() || $role === Role::Leavening || $role === Role::Filling;
            if ($needs && ! ($line->lot !== null && ($certifiedLots[$line->lot] ?? false))) {
                $names[] = $line->ingredient->name;
            }
        }

        return array_values(array_unique($names));
    }

    public function inWords(): string
    {
        return match ($this) {
            self::ContainsWheat => 'Contains wheat: not gluten-free',
            self::CrossContactUnknown => 'No gluten ingredient; cross-contact unknown',
            self::AllCertified => 'All lines from certified lots',
        };
    }
}
