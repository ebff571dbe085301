<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use DateTimeImmutable;
use StoneMill\Measure\Rounding;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\Ingredient;
use StoneMill\Reading\AmountKind;
use StoneMill\Reading\BagField;
use StoneMill\Reading\Measures;
use StoneMill\Reading\ReadBag;

/** The cells of one row, each read for what its column says. What cannot be read is left out, and said. */
final readonly class BagCells
{
    private const YES = ['yes', 'y', 'true', '1', 'x', '✓', 'ja', 'certified'];

    /** A bag of less has the wrong unit more often than it is so small. */
    private const LEAST_GRAMS = 50.0;

    private const LONGEST_LABEL = 80;

    private const LONGEST_NOTE = 1000;

    /**
     * @param list<string> $heads
     * @param array<string, string> $columns heads by field
     */
    public function __construct(private Catalogue $catalogue, private ByNames $names, private NameFinder $finder, private array $heads, private array $columns)
    {
    }

    /** @param list<string> $row */
    public function bag(array $row, int $number): ReadBag
    {
        $doubts = new Doubts;
        $said = $this->cell($row, BagField::Ingredient);
        [$ingredient, $choices] = $this->ingredient($said, $doubts);
        $label = $this->cell($row, BagField::Label);
        $label = $label === '' ? ($said === '' ? 'Bag '.$number : $said) : $label;
        $grams = $this->grams($this->cell($row, BagField::Grams), $doubts);

        return new ReadBag(
            $number,
            $ingredient,
            mb_substr($label, 0, self::LONGEST_LABEL),
            $grams,
            $this->price($this->cell($row, BagField::Price), $grams, $doubts),
            $this->day($this->cell($row, BagField::Bought), $doubts),
            $this->day($this->cell($row, BagField::Opened), $doubts),
            $this->day($this->cell($row, BagField::BestBefore), $doubts),
            in_array(mb_strtolower($this->cell($row, BagField::Certified)), self::YES, true),
            ($notes = mb_substr($this->cell($row, BagField::Notes), 0, self::LONGEST_NOTE)) === '' ? null : $notes,
            $doubts->all(),
            $choices,
        );
    }

    /** @param list<string> $row */
    private function cell(array $row, BagField $field): string
    {
        $at = isset($this->columns[$field->value]) ? array_search($this->columns[$field->value], $this->heads, true) : false;
        $cell = $at === false ? '' : ($row[$at] ?? '');

        // A spreadsheet is kept from running words as a formula by an apostrophe before them.
        return preg_match("/^'[=+\-@]/", $cell) === 1 ? substr($cell, 1) : $cell;
    }

    /**
     * @return array{Ingredient|null, list<string>}
     */
    private function ingredient(string $said, Doubts $doubts): array
    {
        if ($this->catalogue->has($said)) {
            return [$this->catalogue->ingredient($said), []];
        }
        // What a list puts behind a comma, a kitchen says before: rice flour, brown.
        $words = Words::of(implode(' ', array_reverse(explode(',', $said))));
        $found = $this->finder->names($words)[0] ?? null;
        $isGuess = $found !== null && ! $found->isSure && $found->length < count($words);
        if ($found === null || $isGuess || count($found->meanings) > 1) {
            $doubts->say($said === '' ? 'It does not say what it is.' : 'It is not clear what this is.');

            return [null, $found === null ? $this->finder->like($words) : $found->meanings];
        }
        $ingredient = $this->catalogue->ingredient($found->meanings[0]);
        if (! $found->isSure || $found->length < count($words)) {
            $doubts->say(sprintf('Taken for %s.', $ingredient->inShort()));
        }

        return [$ingredient, [$ingredient->id]];
    }

    private function grams(string $said, Doubts $doubts): ?float
    {
        if ($said === '') {
            return null;
        }
        $amount = Amounts::in($said, new Measures, $this->names)->amounts[0] ?? null;
        if ($amount !== null && $amount->kind === AmountKind::Grams) {
            return $amount->number->likely;
        }
        if (preg_match('/^\d+(?:[.,]\d+)*$/', $said) !== 1) {
            $doubts->say(sprintf('“%s” is no weight.', $said));

            return null;
        }
        $head = mb_strtolower($this->columns[BagField::Grams->value] ?? '');
        $unit = preg_match('/\b(kg|kilos?|lbs?|pounds?|oz|ounces?)\b/', $head, $found) === 1 ? $found[1] : 'g';
        $grams = (Amounts::in("$said $unit", new Measures, $this->names)->amounts[0] ?? null)?->number->likely;
        if ($grams !== null && $grams < self::LEAST_GRAMS) {
            $doubts->say(sprintf('%s g is little for a bag: kilograms?', Rounding::written($grams, 1)));
        }

        return $grams;
    }

    private function price(string $said, ?float $grams, Doubts $doubts): ?float
    {
        if (preg_match('/\d+(?:[.,]\d+)?/', $said, $found) !== 1) {
            return null;
        }
        $price = (float) str_replace(',', '.', $found[0]);
        $head = mb_strtolower($this->columns[BagField::Price->value] ?? '');
        if (str_contains($head, 'kg') || str_contains(mb_strtolower($said), 'kg')) {
            return $price;
        }
        if ($grams === null || $grams <= 0) {
            $doubts->say('A price without a weight says nothing of a kilogram: left out.');

            return null;
        }
        $doubts->say(sprintf('%s was taken for the whole bag.', $said));

        return round(1000 * $price / $grams, 4);
    }

    private function day(string $said, Doubts $doubts): ?string
    {
        if ($said === '') {
            return null;
        }
        if (preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})/', $said, $iso) === 1) {
            [$year, $month, $day] = [(int) $iso[1], (int) $iso[2], (int) $iso[3]];
        } elseif (preg_match('~^(\d{1,2})[./\-](\d{1,2})[./\-](\d{4})$~', $said, $parts) === 1) {
            [$day, $month, $year] = [(int) $parts[1], (int) $parts[2], (int) $parts[3]];
            if ($month > 12) {
                [$day, $month] = [$month, $day];
            } elseif ($day <= 12 && $day !== $month && ! str_contains($said, '.')) {
                // With points between, everybody writes the day first.
                $doubts->say(sprintf('%s was read with the day first.', $said));
            }
        } else {
            $date = preg_match('/\d{4}/', $said) === 1 ? DateTimeImmutable::createFromFormat('!j M Y', trim((string) preg_replace('/[.,]/', '', $said))) : false;
            [$year, $month, $day] = $date === false ? [0, 0, 0] : [(int) $date->format('Y'), (int) $date->format('n'), (int) $date->format('j')];
        }
        if (! checkdate(max(0, $month), max(0, $day), max(1, $year))) {
            $doubts->say(sprintf('“%s” is no day.', $said));

            return null;
        }

        return sprintf('%04d-%02d-%02d', $year, $month, $day);
    }
}
