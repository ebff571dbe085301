<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Document\Answer;
use StoneMill\Document\FormulaDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Cup;
use StoneMill\Measure\SpoonSet;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\OwnLabel;
use StoneMill\Plan\Limits;
use StoneMill\Plan\Reference;
use StoneMill\Reading\CookText;
use StoneMill\Reading\Measures;
use StoneMill\Reading\ReadFormula;
use StoneMill\Reading\ReadLine;
use StoneMill\Reading\RecipePage;

/** A formula in a cook's own words: what each part of it was taken for, and the formula that a plan can take. */
final readonly class FormulaDesk
{
    /** A text of more parts is no formula. */
    private const MOST_PARTS = 200;

    /** As long as the name of a bread may be. */
    private const LONGEST_NAME = 80;

    public function __construct(private Reference $reference, private ByNames $names)
    {
    }

    /**
     * @throws InvalidInput If the document breaks the contract.
     */
    public function formula(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['text', 'recipe', 'measures', 'own_ingredients', 'settled']);
        [$text, $name] = self::written($root);
        $measures = $root->at('measures')->object(['cup', 'spoon']);
        $cup = $measures->at('cup')->optionalChoice(Cup::class);
        $spoon = $measures->at('spoon')->optionalChoice(SpoonSet::class);
        $catalogue = $this->reference->catalogue->with(OwnLabel::readAll($root->at('own_ingredients'), $this->reference->catalogue));
        $said = self::said($root->at('settled'), $catalogue);
        $findings->refuseIfAny();
        $reader = CookText::in($catalogue, $this->names, new Measures($cup, $spoon));
        $lines = $reader->read($text);
        if (count($lines) > self::MOST_PARTS) {
            $root->at('text')->refuse('This has more parts than a formula.', sprintf('at most %d', self::MOST_PARTS));
        }
        $lines = self::settled($lines, $said, $catalogue, $reader);
        $findings->refuseIfAny();

        return new Answer(['text' => $text, 'name' => $name, ...(new FormulaDocument(new ReadFormula($lines), $catalogue, $this->reference->styles))->json()]);
    }

    /** @return array{string, string|null} the text, and what its writer called the bread */
    private static function written(Node $root): array
    {
        if ($root->at('recipe')->isAbsent()) {
            return [$root->at('text')->prose(CookText::MOST_LETTERS), null];
        }
        if (! $root->at('text')->isAbsent()) {
            $root->refuse('A formula comes as text or as a recipe.', 'one of text, recipe');
        }
        $page = $root->at('recipe')->prose(RecipePage::MOST_LETTERS);
        $recipe = $page === '' ? null : RecipePage::in($page);
        if ($page !== '' && $recipe === null) {
            $root->at('recipe')->refuse('There is no recipe in this.', 'JSON-LD of schema.org, or a page of HTML that holds it');
        }
        $text = $recipe?->text() ?? '';
        if (mb_strlen($text) > CookText::MOST_LETTERS) {
            $root->at('recipe')->refuse('This has more lines than a formula.', sprintf('at most %d characters of them', CookText::MOST_LETTERS));
        }

        return [$text, $recipe === null || $recipe->name === '' ? null : mb_substr($recipe->name, 0, self::LONGEST_NAME)];
    }

    /** @return list<array{node: Node, part: int, ingredient: string|null, grams: float|null, note: bool}> */
    private static function said(Node $settled, Catalogue $catalogue): array
    {
        $said = [];
        foreach ($settled->isAbsent() ? [] : $settled->items(0, self::MOST_PARTS) as $node) {
            $node->object(['part', 'ingredient', 'grams', 'note']);
            $id = $node->at('ingredient')->optionalText(60);
            if ($id !== null) {
                $catalogue->refuseUnknown($id, $node->at('ingredient'));
            }
            $said[] = [
                'node' => $node, 'part' => $node->at('part')->integer(1, self::MOST_PARTS), 'ingredient' => $id,
                'grams' => $node->at('grams')->optionalNumber(Limits::LEAST_GRAMS, Limits::MOST_GRAMS, 'g'), 'note' => $node->at('note')->optionalBoolean() ?? false,
            ];
        }

        return $said;
    }

    /**
     * @param list<ReadLine> $lines
     * @param list<array{node: Node, part: int, ingredient: string|null, grams: float|null, note: bool}> $said
     * @return list<ReadLine> with what the cook says of some of them
     */
    private static function settled(array $lines, array $said, Catalogue $catalogue, CookText $reader): array
    {
        foreach ($said as ['node' => $node, 'part' => $part, 'ingredient' => $id, 'grams' => $grams, 'note' => $isNote]) {
            $line = $lines[$part - 1] ?? null;
            if ($line === null) {
                $node->at('part')->refuse('The text has no such part.', sprintf('a part from 1 to %d', count($lines)));

                continue;
            }
            $ingredient = $id === null ? $line->ingredient : $catalogue->ingredient($id);
            $weight = $line->amount === null || $ingredient === null ? null : $reader->weight($line->amount, $ingredient);
            array_splice($lines, $part - 1, 1, [$isNote ? $line->asNote() : $line->settled($ingredient, $grams, $weight)]);
        }

        return $lines;
    }
}
