<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** A volume in one of the cups and spoons that lie in a kitchen, to what can be measured with it. */
final readonly class KitchenMeasure
{
    /** What measuring cups come in, as shares of one, up to the next whole. */
    public const PARTS = [0.0, 0.25, 1 / 3, 0.5, 2 / 3, 0.75, 1.0];

    /** From this share of a cup on, a cup is taken; the least of a spoon that is. */
    public const LEAST = 0.25;

    private function __construct(public float $amount, public VolumeUnit $unit)
    {
    }

    /** @throws OutOfRange If the volume is negative. */
    public static function of(float $millilitres, Cup $cup = Cup::Metric, SpoonSet $set = SpoonSet::Metric): self
    {
        OutOfRange::guard('volume in mL', $millilitres, 0, 1e6);
        [$unit, $holds] = match (true) {
            $millilitres >= self::LEAST * $cup->millilitres() => [VolumeUnit::Cup, $cup->millilitres()],
            $millilitres >= $set->tablespoon()->millilitres() => [$set->tablespoon(), $set->tablespoon()->millilitres()],
            default => [$set->teaspoon(), $set->teaspoon()->millilitres()],
        };
        [$whole, $part] = self::nearest($millilitres / $holds);

        return new self(max(self::LEAST, $whole + self::PARTS[$part]), $unit);
    }

    /** @return array{int, int} an amount of cups or spoons as the whole ones of it and the place of what is left among the parts */
    public static function nearest(float $amount): array
    {
        $whole = (int) floor($amount);
        $off = array_map(static fn (float $share): float => abs($amount - $whole - $share), self::PARTS);
        $part = (int) array_search(min($off), $off, true);

        return $part === count(self::PARTS) - 1 ? [$whole + 1, 0] : [$whole, $part];
    }
}
