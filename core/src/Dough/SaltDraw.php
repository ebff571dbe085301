<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * Water that salt draws out of cut vegetables, as a share of what they hold:
 *
 *   share(t) = (s_0 + s_1 · (1 − e^(−c/c_0))) · (1 − e^(−t/τ))
 *
 * with c the salt in % of the vegetables. First order in time, levelling off with salt. Planning estimate after
 * common kitchen practice: a spoon of salt on a grated root gives a third of its water in half an hour.
 */
final readonly class SaltDraw
{
    private const UNSALTED_SHARE = 0.05;

    private const SALTED_SHARE = 0.40;

    private const SALT_PERCENT = 2.0;

    private const MINUTES = 15.0;

    private function __construct(public float $mostShare)
    {
    }

    /** @throws OutOfRange If an amount is negative. */
    public static function of(float $saltGrams, float $vegetableGrams): self
    {
        OutOfRange::guard('salt in grams', $saltGrams, 0, 1e6);
        OutOfRange::guard('vegetables in grams', $vegetableGrams, 0, 1e6);
        $percent = $vegetableGrams > 0 ? 100 * $saltGrams / $vegetableGrams : 0.0;

        return new self(self::UNSALTED_SHARE + self::SALTED_SHARE * (1 - exp(-$percent / self::SALT_PERCENT)));
    }

    public function shareAfter(float $minutes): float
    {
        return $this->mostShare * (1 - exp(-max(0.0, $minutes) / self::MINUTES));
    }
}
