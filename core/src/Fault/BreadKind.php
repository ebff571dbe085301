<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Griddle\Griddling;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\School\Shaping;
use StoneMill\School\Texture;

/** What a bread must be or have for a cause to be possible. */
enum BreadKind: string
{
    case Dough = 'dough';
    case Batter = 'batter';
    case Scald = 'scald';
    case Yeast = 'yeast';
    case Leavened = 'leavened';
    case Acid = 'acid';
    case Binder = 'binder';
    case Fat = 'fat';
    case Press = 'press';
    case Thin = 'thin';
    case Thick = 'thick';

    /** From here on the crust is done long before the middle. */
    private const THICK_MILLIMETRES = 8.0;

    public function fits(BatchPlan $plan): bool
    {
        return match ($this) {
            self::Dough => $plan->request->texture !== Texture::Batter,
            self::Batter => $plan->request->texture === Texture::Batter,
            self::Scald => $plan->request->style->swollenWanted !== null || $plan->request->scalds(),
            self::Yeast => $plan->dough->rise !== null,
            self::Leavened => self::has($plan, Role::Leavening),
            self::Acid => self::has($plan, Role::Acid) || self::has($plan, Role::Dairy),
            self::Binder => self::has($plan, Role::Binder),
            self::Fat => self::has($plan, Role::Fat) || self::has($plan, Role::Dairy),
            self::Press => in_array($plan->request->method->shape, [Shaping::LeverPress, Shaping::TwoPlates, Shaping::RollingPin], true),
            self::Thin => $plan->disc->thicknessMillimetres <= Griddling::PUFFS_UP_TO_MILLIMETRES,
            self::Thick => $plan->disc->thicknessMillimetres >= self::THICK_MILLIMETRES,
        };
    }

    private static function has(BatchPlan $plan, Role $role): bool
    {
        foreach ($plan->dough->lines as $line) {
            if ($line->ingredient->role === $role && $line->grams > 0) {
                return true;
            }
        }

        return false;
    }
}
