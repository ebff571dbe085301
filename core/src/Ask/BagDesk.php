<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Document\Answer;
use StoneMill\Document\BagDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\OwnLabel;
use StoneMill\Plan\Reference;
use StoneMill\Reading\BagField;
use StoneMill\Reading\BagSheet;
use StoneMill\Reading\ReadBag;

/** The sheet in which a cook already keeps the bags: which column says what, and each row as a bag that can be kept. */
final readonly class BagDesk
{
    private const LONGEST_HEAD = 120;

    public function __construct(private Reference $reference, private ByNames $names)
    {
    }

    /**
     * @throws InvalidInput If the document breaks the contract.
     */
    public function bags(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['csv', 'columns', 'own_ingredients']);
        $sheet = BagSheet::of($root->at('csv')->prose(BagSheet::MOST_LETTERS));
        if ($sheet->count() > BagSheet::MOST_ROWS) {
            $root->at('csv')->refuse('This has more rows than a larder has bags.', sprintf('at most %d rows', BagSheet::MOST_ROWS));
        }
        $catalogue = $this->reference->catalogue->with(OwnLabel::readAll($root->at('own_ingredients'), $this->reference->catalogue));
        $columns = $root->at('columns')->isAbsent() ? $sheet->columns() : self::columns($root->at('columns'), $sheet);
        $findings->refuseIfAny();

        return new Answer([
            'heads' => $sheet->heads,
            'fields' => array_map(static fn (BagField $field): array => ['field' => $field->value, 'words' => $field->inWords(), 'head' => $columns[$field->value] ?? null], BagField::cases()),
            'bags' => array_map(static fn (ReadBag $bag): array => BagDocument::json($bag, $catalogue), $sheet->bags($columns, $catalogue, $this->names)),
        ]);
    }

    /** @return array<string, string> */
    private static function columns(Node $node, BagSheet $sheet): array
    {
        $node->object(array_map(static fn (BagField $field): string => $field->value, BagField::cases()));
        $columns = [];
        foreach (BagField::cases() as $field) {
            $head = $node->at($field->value)->optionalText(self::LONGEST_HEAD);
            if ($head !== null && ! in_array($head, $sheet->heads, true)) {
                $node->at($field->value)->refuse('The sheet has no such column.', implode(', ', $sheet->heads));
            } elseif ($head !== null) {
                $columns[$field->value] = $head;
            }
        }

        return $columns;
    }
}
