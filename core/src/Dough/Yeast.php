<?php

declare(strict_types=1);

namespace StoneMill\Dough;

/** Which lines are yeast, how strong they are together, and what the water does to them. */
final class Yeast
{
    private const INSTANT = 'yeast-instant';

    private const ACTIVE_DRY = 'yeast-active';

    /**
     * Yeast in % of the flour base, counted as instant dry yeast; zero where there is none.
     *
     * @param list<WeighedLine> $lines
     */
    public static function percent(array $lines, float $flourBaseGrams): float
    {
        $grams = 0.0;
        foreach ($lines as $line) {
            $grams += match ($line->ingredient->id) {
                self::INSTANT => $line->grams,
                self::ACTIVE_DRY => Rise::asInstant($line->grams),
                default => 0.0,
            };
        }

        return $flourBaseGrams > 0 ? 100 * $grams / $flourBaseGrams : 0.0;
    }

    /**
     * Whether this yeast is woken in the water before the flour comes to it.
     *
     * @param list<WeighedLine> $lines
     */
    public static function bloomsInWater(array $lines): bool
    {
        return array_filter($lines, static fn (WeighedLine $line): bool => $line->ingredient->id === self::ACTIVE_DRY) !== [];
    }
}
