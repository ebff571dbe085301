<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\Reading\Amount;
use StoneMill\Reading\AmountKind;
use StoneMill\Reading\LineKind;
use StoneMill\Reading\Measures;
use StoneMill\Reading\ReadLine;
use StoneMill\School\ExtraPlace;

/** Takes one part of a text for what it is. */
final readonly class LineReader
{
    /** Two ways of saying one amount may differ by this factor before they are held for two amounts. */
    private const ALIKE = 1.35;

    private const VERBS = 'mix|knead|rest|press|cook|heat|add|combine|stir|cover|divide|roll|let|leave|whisk|bake|serve|preheat|store|place|shape|turn|flip|stack|wrap|put|pour|work|cut|keep|make sure|use your|remove|transfer|repeat|gradually|slowly|once|when|if|in a|on a|meanwhile|then|allow|set|bring|dissolve|sift|rub|form|flatten|lay|lift|brush|sprinkle the|enjoy|freeze|reheat|tip|note|tips?';

    public function __construct(private Catalogue $catalogue, private ByNames $names, private NameFinder $finder, private Measures $measures)
    {
    }

    /** Whether it tells what to do rather than what to take. */
    public static function isInstruction(string $part): bool
    {
        return preg_match('/^(?:'.self::VERBS.')\b/iu', $part) === 1;
    }

    /** @param ExtraPlace|null $under what the heading above says that it is for */
    public function read(string $part, ?ExtraPlace $under): ReadLine
    {
        $yield = $this->yield($part);
        if ($yield !== null) {
            return new ReadLine($part, LineKind::Yield, count: $yield);
        }
        $amounts = Amounts::in($part, $this->measures, $this->names);
        if (self::isInstruction($part) || count(Words::of($part)) > 24) {
            return new ReadLine($part, LineKind::Note);
        }
        $said = Phrases::withoutPlace($amounts->rest);
        $words = Words::of(preg_replace('/\([^)]*\)/u', ' ', $said) ?? $said);
        $found = $this->finder->names($words);
        $names = $found === [] ? $this->finder->names($words = Words::of($said)) : $found;
        if ($this->isHeading($part, $amounts)) {
            return new ReadLine($part, LineKind::Heading, place: Phrases::place($part) ?? Phrases::place('for the '.$part));
        }
        if ($names === []) {
            return $amounts->amounts === []
                ? new ReadLine($part, LineKind::Note)
                : new ReadLine($part, LineKind::Asked, amount: $amounts->amounts[0], doubts: ['No ingredient is known by these words.'], choices: $this->finder->like($words));
        }

        return $this->named($part, $amounts, $words, $names, $under);
    }

    /** More of what the part before named, for the board or the griddle. */
    public function more(string $part, Ingredient $ingredient, ?ExtraPlace $under): ReadLine
    {
        $place = Phrases::place($part) ?? $under;
        [$amount, $grams, $doubts] = $this->weight(Amounts::in($part, $this->measures, $this->names), $ingredient);

        return $place === null
            ? new ReadLine($part, LineKind::Note)
            : new ReadLine($part, LineKind::Extra, $ingredient, $amount, $grams, place: $place, doubts: $doubts);
    }

    /**
     * @param list<string> $words
     * @param non-empty-list<FoundName> $names
     */
    private function named(string $part, Amounts $amounts, array $words, array $names, ?ExtraPlace $under): ReadLine
    {
        $name = $names[0];
        $ingredient = $this->catalogue->ingredient($name->meanings[0]);
        $place = Phrases::place($part) ?? $under;
        $doubts = $this->unused($words, $names);
        $choices = [];
        $isAsked = $this->isOfAnother($part, $words, $names);
        if (count($name->meanings) > 1) {
            $doubts[] = 'Cooks mean more than one thing by this name.';
            $choices = $name->meanings;
            $isAsked = true;
        }
        if (! $name->isSure) {
            $doubts[] = sprintf('Read as %s, with other letters.', $ingredient->inShort());
            $choices = $name->meanings;
        }
        foreach (array_slice($names, 1) as $other) {
            $this->catalogue->ingredient($other->meanings[0]) === $ingredient || $doubts[] = sprintf('%s is named as well: %s was taken.', ucfirst($this->catalogue->ingredient($other->meanings[0])->inShort()), $ingredient->inShort());
            $choices = [...($choices === [] ? [$ingredient->id] : $choices), ...$other->meanings];
        }
        if ($isAsked) {
            $choices = array_values(array_unique([...$choices, ...$this->finder->like($words)]));
        }
        [$amount, $grams, $said] = $this->weight($amounts, $ingredient);
        $doubts = [...$doubts, ...$said];
        $isWater = $ingredient->role === Role::Water;
        $needsAmount = $place === null && $amount === null && ! $isWater;
        if ($needsAmount) {
            $doubts[] = 'No amount is named.';
        } elseif ($isWater && $amount === null) {
            $doubts[] = 'No amount is named: the plan finds it.';
        } elseif ($amount !== null && $grams === null && $amount->kind !== AmountKind::Percent) {
            $doubts[] = 'Nobody knows what one of these weighs: give it in grams.';
            $isAsked = true;
        }

        return new ReadLine(
            $part,
            match (true) {
                $isAsked || $needsAmount => LineKind::Asked,
                $isWater => LineKind::Water,
                $place !== null => LineKind::Extra,
                default => LineKind::Dough,
            },
            $ingredient,
            $amount,
            $grams,
            $place === null ? Phrases::way($part, $ingredient) : null,
            $isWater ? null : $place,
            $isWater ? $this->celsius($part) : null,
            doubts: array_values(array_unique($doubts)),
            choices: array_values(array_unique($choices)),
        );
    }

    /** @return array{Amount|null, Spread|null, list<string>} the surest of what is named, its grams, and what is doubtful about it */
    private function weight(Amounts $amounts, Ingredient $ingredient): array
    {
        $weighed = [];
        foreach ($amounts->amounts as $amount) {
            $weighed[] = [$amount, $this->grams($amount, $ingredient)];
        }
        if ($weighed === []) {
            return [null, null, []];
        }
        [$amount, $grams] = $weighed[0];
        $doubts = $amount->doubts;
        foreach (array_slice($weighed, 1) as [$other, $same]) {
            $apart = $grams === null || $same === null || $same->likely <= 0 ? 1.0 : $grams->likely / $same->likely;
            if (max($apart, 1 / $apart) > self::ALIKE && $other->kind !== AmountKind::Pieces) {
                $doubts[] = sprintf('%s and %s are not the same: %s was taken.', $amount->words, $other->words, $amount->words);
            }
        }
        if ($amount->number->high > $amount->number->low && preg_match('/\d\s*(?:-|to|or)\s*\d/u', $amount->words) === 1) {
            $doubts[] = sprintf('A range: the middle was taken of %s.', $amount->words);
        }
        if ($amount->kind === AmountKind::Grams && in_array($ingredient->role, [Role::Water, Role::Dairy], true) && preg_match('/\boz|ounce/iu', $amount->words) === 1) {
            $doubts[] = 'Ounces of a liquid may be fluid ounces, which are 4 % more.';
        }

        return [$amount, $grams, $doubts];
    }

    /** What such an amount of it weighs; null where nobody knows. */
    public function grams(Amount $amount, Ingredient $ingredient): ?Spread
    {
        if ($amount->kind === AmountKind::Volume && $amount->unit !== null) {
            return $ingredient->gramsIn($amount->unit->spread($this->measures->cup)->times($amount->number), null);
        }
        $each = $amount->kind === AmountKind::Pieces ? $this->names->gramsOfOne($ingredient->id, $amount->size) : null;

        return match (true) {
            $amount->kind === AmountKind::Grams => $amount->number,
            default => $each?->times($amount->number),
        };
    }

    /**
     * @param list<string> $words
     * @param list<FoundName> $names
     * @return list<string>
     */
    private function unused(array $words, array $names): array
    {
        $unused = array_values(array_filter(
            $words,
            static fn (string $word, int $at): bool => ! Phrases::isModifier($word) && array_filter($names, static fn (FoundName $name): bool => $at >= $name->from && $at < $name->until()) === [],
            ARRAY_FILTER_USE_BOTH,
        ));

        return $unused === [] ? [] : [sprintf('Not used: %s.', implode(', ', $unused))];
    }

    /**
     * Whether the name is only a part of another thing's: butter in butter beans, milk in almond milk.
     *
     * @param list<string> $words
     * @param non-empty-list<FoundName> $names
     */
    private function isOfAnother(string $part, array $words, array $names): bool
    {
        $name = $names[0];
        $after = $words[$name->until()] ?? null;
        $before = $words[$name->from - 1] ?? null;
        $isNamed = static fn (int $at): bool => array_filter($names, static fn (FoundName $one): bool => $at >= $one->from && $at < $one->until()) !== [];

        return isset($names[1]) && $names[1]->from === $name->until() && ! $this->arePartedIn($part, $name, $names[1], $words)
            || $after !== null && ! $isNamed($name->until()) && ! Phrases::isModifier($after)
            || $before !== null && ! $isNamed($name->from - 1) && ! Phrases::isModifier($before) && $this->finder->isOfAName($before);
    }

    /**
     * Whether something stands between two names that follow each other.
     *
     * @param list<string> $words
     */
    private function arePartedIn(string $part, FoundName $one, FoundName $other, array $words): bool
    {
        $first = preg_quote(mb_substr($words[$one->until() - 1], 0, 3), '/');
        $next = preg_quote(mb_substr($words[$other->from], 0, 3), '/');

        return preg_match("/\b$first\p{L}*[\s-]+$next\p{L}*/iu", $part) !== 1;
    }

    private function isHeading(string $part, Amounts $amounts): bool
    {
        return $amounts->amounts === [] && mb_strlen($part) <= 60
            && (str_ends_with(rtrim($part), ':') || preg_match('/^(?:for\s+the\s+\p{L}+|ingredients?|method|the\s+dough|dough|filling|topping|to\s+serve)$/iu', trim($part, ' *#_')) === 1);
    }

    /** How many pieces it makes, where that is what it says. */
    private function yield(string $part): ?int
    {
        $of = '(?:makes?|yields?|yield|enough\s+for|gives)\s*:?\s*(?:about|around|approx\.?|ca\.?)?\s*(\d{1,3})(?:\s*(?:-|to)\s*(\d{1,3}))?(?!\s*(?:g|kg|ml|cups?)\b)';

        return preg_match("/^\W*$of/iu", $part, $match) === 1 ? (int) round(((int) $match[1] + (int) ($match[2] ?? $match[1])) / 2) : null;
    }

    private function celsius(string $part): ?float
    {
        if (preg_match('/(\d{1,3})(?:\s*-\s*\d+)?\s*(?:°|º|degrees?)?\s*([CF])(?![\p{L}])/u', $part, $match) === 1) {
            $celsius = $match[2] === 'F' ? ((float) $match[1] - 32) / 1.8 : (float) $match[1];

            return $celsius >= 0 && $celsius <= 100 ? round($celsius, 1) : null;
        }

        return Phrases::celsius($part);
    }
}
