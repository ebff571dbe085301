<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Measure\Cup;
use StoneMill\Measure\Rounding;
use StoneMill\Measure\SpoonSet;
use StoneMill\Measure\Spread;
use StoneMill\Measure\VolumeUnit;
use StoneMill\Pantry\ByNames;
use StoneMill\Reading\Amount;
use StoneMill\Reading\AmountKind;
use StoneMill\Reading\Measures;

/** Units as cooks write them, and what a number of one is. */
final readonly class Units
{
    /** By international agreement (avoirdupois). */
    public const OUNCE_GRAMS = 28.349523125;

    public const POUND_GRAMS = 453.59237;

    /** mL: the US fluid ounce and the imperial one, their pints and quarts. */
    private const FLUID_OUNCES = [29.574, 28.413];

    private const PINTS = [473.176, 568.261];

    private const QUARTS = [946.353, 1136.523];

    private const DESSERTSPOON_MILLILITRES = 10.0;

    /** Pattern of a unit by what it is. One letter tells a tablespoon from a teaspoon by its size. */
    private const PATTERNS = [
        'kilogram' => '(?i:kilogrammes?|kilograms?|kilos?|kgs?)',
        'fluid_ounce' => '(?i:fl\.?\s*ozs?|fluid\s+ounces?)',
        'ounce' => '(?i:ozs?|ounces?)',
        'pound' => '(?i:lbs?|pounds?)',
        'gram' => '(?i:grammes?|grams?|gms?|grs?|g)',
        'millilitre' => '(?i:millilit(?:re|er)s?|mls?|cc)',
        'centilitre' => '(?i:centilit(?:re|er)s?|cls?)',
        'decilitre' => '(?i:decilit(?:re|er)s?|dls?)',
        'litre' => '(?i:lit(?:re|er)s?|l)',
        'tablespoon' => '(?i:tablespoon(?:ful)?s?|tbsps?|tbls?p?|tbs|tblsp)|T(?=[\s.])',
        'dessertspoon' => '(?i:dessertspoon(?:ful)?s?|dsps?)',
        'teaspoon' => '(?i:teaspoon(?:ful)?s?|tsps?)|t(?=[\s.])',
        'cup' => '(?i:cup(?:ful)?s?|c(?=[\s.]))',
        'pint' => '(?i:pints?|pts?)',
        'quart' => '(?i:quarts?|qts?)',
        'percent' => '%|(?i:per\s?cent)',
    ];

    /** Pattern of any unit, each in a group of its name; hand words in the group "hand". */
    public static function pattern(ByNames $names): string
    {
        $parts = array_map(static fn (string $name, string $pattern): string => "(?<$name>$pattern)", array_keys(self::PATTERNS), self::PATTERNS);
        $hand = implode('|', $names->handWords());

        return '(?:'.implode('|', $parts)."|(?<hand>(?i:$hand)(?:e?s)?))";
    }

    /** @param array<int|string, string> $match with the group of the unit filled */
    public static function amount(Spread $number, array $match, Measures $measures, ByNames $names, string $words): Amount
    {
        foreach (array_keys(self::PATTERNS) as $unit) {
            if (($match[$unit] ?? '') !== '') {
                return self::of($unit, $number, $measures, $words);
            }
        }

        return self::ofHand($match['hand'] ?? '', $number, $names, $words);
    }

    private static function of(string $unit, Spread $number, Measures $measures, string $words): Amount
    {
        $grams = static fn (float $each): Amount => new Amount(AmountKind::Grams, $number->multipliedBy($each), $words);
        $volume = static fn (VolumeUnit $unit, float $each = 1.0): Amount => new Amount(AmountKind::Volume, $number->multipliedBy($each), $words, $unit);
        $either = static function (string $name, float $us, float $imperial) use ($number, $words): Amount {
            $each = Spread::of(min($us, $imperial), ($us + $imperial) / 2, max($us, $imperial));

            return (new Amount(AmountKind::Volume, $number->times($each), $words, VolumeUnit::Millilitre))
                ->doubted(sprintf('A %s is %.0f mL in the US and %.0f mL in the imperial measure: either was allowed for.', $name, $us, $imperial));
        };

        return match ($unit) {
            'kilogram' => $grams(1000.0),
            'gram' => $grams(1.0),
            'ounce' => $grams(self::OUNCE_GRAMS),
            'pound' => $grams(self::POUND_GRAMS),
            'percent' => new Amount(AmountKind::Percent, $number, $words),
            'millilitre' => $volume(VolumeUnit::Millilitre),
            'centilitre' => $volume(VolumeUnit::Millilitre, 10.0),
            'decilitre' => $volume(VolumeUnit::Millilitre, 100.0),
            'litre' => $volume(VolumeUnit::Litre),
            'tablespoon' => $volume(match ($measures->spoon) {
                SpoonSet::Us => VolumeUnit::TablespoonUs,
                SpoonSet::Au => VolumeUnit::TablespoonAu,
                SpoonSet::Metric, null => VolumeUnit::TablespoonMetric,
            }),
            'teaspoon' => $volume($measures->spoon === SpoonSet::Us ? VolumeUnit::TeaspoonUs : VolumeUnit::TeaspoonMetric),
            'dessertspoon' => $volume(VolumeUnit::Millilitre, self::DESSERTSPOON_MILLILITRES),
            'cup' => match ($measures->cup) {
                Cup::Us => $volume(VolumeUnit::CupUs),
                Cup::Metric => $volume(VolumeUnit::CupMetric),
                null => $volume(VolumeUnit::Cup)->doubted('A cup is 237 mL in the US and 250 mL where cups are metric: say which.'),
            },
            'fluid_ounce' => $either('fluid ounce', ...self::FLUID_OUNCES),
            'pint' => $either('pint', ...self::PINTS),
            default => $either('quart', ...self::QUARTS),
        };
    }

    private static function ofHand(string $word, Spread $number, ByNames $names, string $words): Amount
    {
        $word = mb_strtolower($word);
        foreach ([$word, rtrim($word, 's'), preg_replace('/es$/', '', $word) ?? ''] as $one) {
            $each = $names->millilitresOfHand($one);
            if ($each !== null) {
                return (new Amount(AmountKind::Volume, $number->times($each), $words, VolumeUnit::Millilitre))
                    ->doubted(sprintf('A %s is as large as the hand: about %s mL was taken.', $one, Rounding::written($each->likely, 2)));
            }
        }

        throw new \LogicException("A unit is known and says nothing: $word.");
    }
}
