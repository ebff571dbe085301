<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Kitchen\Bag;
use StoneMill\Measure\Rounding;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\Ingredient;
use StoneMill\Reading\BagField;
use StoneMill\Reading\BagsThere;
use StoneMill\Reading\Columns;
use StoneMill\Reading\ReadBag;

/** The cells of one row, each read for what its column says. What cannot be read is left out, and said. */
final readonly class BagCells
{
    /** A bag of less has the wrong unit more often than it is so small. */
    private const LEAST_GRAMS = 50.0;

    private const LONGEST_NOTE = 1000;

    private NameFinder $finder;

    private CellNumbers $numbers;

    public function __construct(private Catalogue $catalogue, ByNames $names, private Columns $columns, private BagsThere $there)
    {
        $this->finder = new NameFinder($catalogue, $names);
        $this->numbers = new CellNumbers($names);
    }

    /** @param list<string> $row */
    public function bag(array $row, int $number): ReadBag
    {
        $doubts = new Doubts;
        $said = $this->columns->cell($row, BagField::Ingredient);
        [$ingredient, $choices] = $this->ingredient($said, $doubts);
        $label = $this->columns->cell($row, BagField::Label);
        $label = mb_substr($label === '' ? ($said === '' ? 'Bag '.$number : $said) : $label, 0, Bag::LONGEST_LABEL);
        $grams = $this->grams($this->columns->cell($row, BagField::Grams), $doubts);
        $price = $this->price($this->columns->cell($row, BagField::Price), $grams, $doubts);
        $bought = Days::day($this->columns->cell($row, BagField::Bought), $doubts);
        $isThere = $this->there->has($label, $bought, $grams);
        if ($isThere) {
            $doubts->say('The larder has this bag already.');
        }

        return new ReadBag(
            $number,
            $ingredient,
            $label,
            $grams,
            $price,
            $bought,
            Days::day($this->columns->cell($row, BagField::Opened), $doubts),
            Days::day($this->columns->cell($row, BagField::BestBefore), $doubts),
            CellWords::isYes($this->columns->cell($row, BagField::Certified)),
            ($notes = mb_substr($this->columns->cell($row, BagField::Notes), 0, self::LONGEST_NOTE)) === '' ? null : $notes,
            $isThere,
            $doubts->all(),
            $choices,
        );
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
        $grams = $this->numbers->grams($said, (string) $this->columns->head(BagField::Grams));
        if ($grams === null) {
            $doubts->say(sprintf('“%s” is no weight.', $said));
        } elseif ($grams < self::LEAST_GRAMS && CellNumbers::number($said) !== null) {
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
        $head = mb_strtolower((string) $this->columns->head(BagField::Price));
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
}
