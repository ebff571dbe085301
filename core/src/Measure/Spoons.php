<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** A small amount in the spoons of a kitchen, rounded to a quarter of a teaspoon, for hands without a scale. */
final readonly class Spoons
{
    /** What measuring cups come in, as shares of one, and how it is written. */
    private const PARTS = ['' => 0.0, '¼' => 0.25, '⅓' => 1 / 3, '½' => 0.5, '⅔' => 2 / 3, '¾' => 0.75];

    private function __construct(public int $tablespoons, public int $quarterTeaspoons, private SpoonSet $set)
    {
    }

    /** @throws OutOfRange If the amount is negative, or the density is not that of a food. */
    public static function holding(float $grams, float $gramsPerMillilitre, SpoonSet $set = SpoonSet::Metric): self
    {
        OutOfRange::guard('amount in grams', $grams, 0, 1e6);
        OutOfRange::guard('density in g/mL', $gramsPerMillilitre, 0.05, 3);
        $quarters = (int) round($grams / $gramsPerMillilitre / $set->teaspoonMillilitres() * 4);
        $inTablespoon = 4 * $set->teaspoonsInTablespoon();

        return new self(intdiv($quarters, $inTablespoon), $quarters % $inTablespoon, $set);
    }

    /** An amount as a kitchen without a scale says it: cups to the nearest quarter or third from a quarter on, spoons below. */
    public static function orCups(float $grams, float $gramsPerMillilitre, Cup $cup = Cup::Metric, SpoonSet $set = SpoonSet::Metric): string
    {
        $cups = $grams / $gramsPerMillilitre / $cup->millilitres();
        if ($cups < 0.25) {
            return self::holding($grams, $gramsPerMillilitre, $set)->inWords();
        }
        $whole = (int) floor($cups);
        // Nearer to the next whole than to any part is the next whole.
        [$part, $off] = ['', $cups - $whole];
        foreach (self::PARTS as $written => $share) {
            [$part, $off] = abs($cups - $whole - $share) < $off ? [$written, abs($cups - $whole - $share)] : [$part, $off];
        }
        [$whole, $part] = $whole + 1 - $cups < $off ? [$whole + 1, ''] : [$whole, $part];

        return ($whole > 0 ? $whole : '').$part.($whole > 1 || ($whole === 1 && $part !== '') ? ' cups' : ' cup');
    }

    public function millilitres(): float
    {
        return ($this->tablespoons * $this->set->teaspoonsInTablespoon() + $this->quarterTeaspoons / 4) * $this->set->teaspoonMillilitres();
    }

    public function inWords(): string
    {
        $whole = intdiv($this->quarterTeaspoons, 4);
        $part = ['', '¼', '½', '¾'][$this->quarterTeaspoons % 4];
        $parts = array_filter([
            $this->tablespoons > 0 ? $this->tablespoons.' tbsp' : '',
            $this->quarterTeaspoons > 0 ? ($whole > 0 ? $whole : '').$part.' tsp' : '',
        ]);

        return $parts === [] ? 'a few drops' : implode(' ', $parts);
    }
}
