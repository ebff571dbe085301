<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;

/** How a figure stands in a document: its likely value, the 10 % and 90 % quantiles, its unit, and why. Four digits after the point tell more than any scale. */
final class Figures
{
    private const DIGITS = 4;

    /** @return array{value: float, low: float, high: float, unit: string, because: list<array{text: string, value: float|null, unit: string|null}>} */
    public static function json(Figure $figure): array
    {
        return [
            'value' => round($figure->value, self::DIGITS),
            'low' => round($figure->low, self::DIGITS),
            'high' => round($figure->high, self::DIGITS),
            'unit' => $figure->unit->value,
            'because' => array_map(self::reason(...), $figure->because),
        ];
    }

    /** @return array{value: float, low: float, high: float, unit: string, because: list<array{text: string, value: float|null, unit: string|null}>}|null */
    public static function orNull(?Figure $figure): ?array
    {
        return $figure === null ? null : self::json($figure);
    }

    /** @return array{text: string, value: float|null, unit: string|null} */
    public static function reason(Reason $reason): array
    {
        return [
            'text' => $reason->text,
            'value' => $reason->value === null ? null : round($reason->value, self::DIGITS),
            'unit' => $reason->unit?->value,
        ];
    }

    /** @return array{low: float, value: float, high: float} a spread without a unit of its own, rounded to so many digits */
    public static function band(Spread $spread, int $digits): array
    {
        return ['low' => round($spread->low, $digits), 'value' => round($spread->likely, $digits), 'high' => round($spread->high, $digits)];
    }
}
