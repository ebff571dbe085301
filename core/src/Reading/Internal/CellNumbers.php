<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Measure\Rounding;
use StoneMill\Pantry\ByNames;
use StoneMill\Reading\AmountKind;
use StoneMill\Reading\Measures;
use StoneMill\Record\Verdict;

/** Numbers in cells, with the unit that they or their head have. */
final readonly class CellNumbers
{
    private const STARS = 5;

    public function __construct(private ByNames $names)
    {
    }

    /** A weight in g: by its own unit, or else by the unit that its head names, or else in g; null where it is none. */
    public function grams(string $said, string $head): ?float
    {
        $amount = Amounts::in($said, new Measures, $this->names)->amounts[0] ?? null;
        if ($amount !== null && $amount->kind === AmountKind::Grams) {
            return $amount->number->likely;
        }
        if (! self::isNumber($said)) {
            return null;
        }
        $unit = preg_match('/\b(kg|kilos?|lbs?|pounds?|oz|ounces?)\b/', mb_strtolower($head), $found) === 1 ? $found[1] : 'g';

        return (Amounts::in("$said $unit", new Measures, $this->names)->amounts[0] ?? null)?->number->likely;
    }

    /** Water in g, which a cook may have taken down in ml. */
    public function water(string $said, string $head): ?float
    {
        $likely = preg_match('/^(\d+(?:[.,]\d+)?)\s*(ml|l|litres?|liters?)$/i', $said, $found) === 1 ? (float) str_replace(',', '.', $found[1]) * (strtolower($found[2]) === 'ml' ? 1 : 1000) : null;

        return $likely ?? $this->grams($said, $head);
    }

    /** In °C; Fahrenheit where cell or head say so, or where no tap and no kettle is so hot. */
    public static function celsius(string $said, string $head, Doubts $doubts): ?float
    {
        $number = self::number((string) preg_replace('/\s*°?\s*[cf]?\s*$/iu', '', $said));
        if ($number === null) {
            return null;
        }
        $isFahrenheit = preg_match('/°?\s*f\s*$/iu', $said) === 1 || preg_match('/°\s*f|fahrenheit/iu', $head) === 1;
        if (! $isFahrenheit && $number > 100) {
            $doubts->say(sprintf('%s is hotter than boiling: taken for °F.', $said));
            $isFahrenheit = true;
        }

        return $isFahrenheit ? round(($number - 32) * 5 / 9, 1) : $number;
    }

    /** In %, also where it is told as a share of one. */
    public static function percent(string $said, Doubts $doubts): ?float
    {
        $number = self::number(rtrim($said, "% \t"));
        if ($number !== null && ! str_contains($said, '%') && $number > 0 && $number <= 3) {
            $doubts->say(sprintf('%s was taken for %s %%.', $said, Rounding::written(100 * $number, 1)));
            $number *= 100;
        }

        return $number;
    }

    /** From 0 to 10: 7, 7/10, 4/5, ★★★★, and plain numbers under a head of stars. */
    public static function score(string $said, string $head, Doubts $doubts): ?int
    {
        $stars = preg_match('/^[★☆*]+$/u', $said) === 1 ? mb_strlen((string) preg_replace('/☆/u', '', $said)) : null;
        if ($stars !== null || preg_match('/star/iu', $head) === 1) {
            $of = $stars ?? self::number($said);
            $scored = $of === null || $of > self::STARS ? null : $of * Verdict::MOST_SCORE / self::STARS;
        } elseif (preg_match('~^(\d+(?:[.,]\d+)?)\s*(?:/|of|out of)\s*(\d+)$~', $said, $found) === 1 && (int) $found[2] > 0) {
            $scored = (float) str_replace(',', '.', $found[1]) * Verdict::MOST_SCORE / (int) $found[2];
        } else {
            $scored = self::number($said);
        }
        if ($scored === null || $scored < 0 || $scored > Verdict::MOST_SCORE) {
            return null;
        }
        if (abs($scored - round($scored)) > 1e-9 || preg_match('/^\d+$/', $said) !== 1) {
            $doubts->say(sprintf('“%s” was taken for a score of %d out of %d.', $said, round($scored), Verdict::MOST_SCORE));
        }

        return (int) round($scored);
    }

    public static function whole(string $said): ?int
    {
        return preg_match('/^\d{1,4}$/', $said) === 1 ? (int) $said : null;
    }

    public static function share(string $said): ?float
    {
        $number = self::number($said);

        return $number !== null && $number >= 0 && $number <= 1 ? $number : null;
    }

    public static function number(string $said): ?float
    {
        return self::isNumber($said) ? (float) str_replace(',', '.', $said) : null;
    }

    private static function isNumber(string $said): bool
    {
        return preg_match('/^-?\d+(?:[.,]\d+)?$/', $said) === 1;
    }
}
