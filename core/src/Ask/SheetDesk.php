<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use DateTimeZone;
use StoneMill\Document\Answer;
use StoneMill\Document\BagDocument;
use StoneMill\Document\PastDocument;
use StoneMill\Document\SheetDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\OwnLabel;
use StoneMill\Plan\Reference;
use StoneMill\Reading\BagField;
use StoneMill\Reading\BagRows;
use StoneMill\Reading\BagsThere;
use StoneMill\Reading\MadeField;
use StoneMill\Reading\MappedSheet;
use StoneMill\Reading\PastRows;
use StoneMill\Reading\ReadBag;
use StoneMill\Reading\ReadPast;
use StoneMill\Reading\Sheet;
use StoneMill\Reading\SheetField;
use StoneMill\Reading\WeighedField;

/** The sheets in which a cook already keeps the bags and the batches: which column says what, and each row as something that can be kept. */
final readonly class SheetDesk
{
    private const MOST_BREADS = 500;

    private const LONGEST_NAME = 80;

    private const LONGEST_ZONE = 60;

    public function __construct(private Reference $reference, private ByNames $names)
    {
    }

    /**
     * @throws InvalidInput If the document breaks the contract.
     */
    public function bags(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['csv', 'columns', 'own_ingredients', 'lots']);
        $mapped = self::mapped($root, BagRows::MOST, BagField::cases());
        $catalogue = $this->catalogue($root);
        $there = BagsThere::read($root->at('lots'));
        $findings->refuseIfAny();

        return new Answer([
            ...SheetDocument::json($mapped, BagField::cases()),
            'bags' => array_map(static fn (ReadBag $bag): array => BagDocument::json($bag, $catalogue), BagRows::of($mapped->sheet, $mapped->columns, $catalogue, $this->names, $there)),
        ]);
    }

    /**
     * @throws InvalidInput If the document breaks the contract.
     */
    public function past(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['made', 'weighed', 'breads', 'zone', 'good_was_ready', 'own_ingredients']);
        [$made, $weighed] = [$root->at('made'), $root->at('weighed')];
        if ($made->isAbsent() && $weighed->isAbsent()) {
            $root->refuse('There is no sheet to read.', 'made, weighed or both');
        }
        $record = $made->isAbsent() ? null : self::mapped($made->object(['csv', 'columns']), PastRows::MOST_BATCHES, MadeField::cases());
        $weighings = $weighed->isAbsent() ? null : self::mapped($weighed->object(['csv', 'columns']), PastRows::MOST_WEIGHINGS, WeighedField::cases());
        $breads = self::breads($root->at('breads'));
        $rows = new PastRows($this->catalogue($root), $this->names, $breads, self::zone($root->at('zone')), $root->at('good_was_ready')->optionalBoolean() ?? false);
        $findings->refuseIfAny();

        return new Answer([
            'made' => $record === null ? null : SheetDocument::json($record, MadeField::cases()),
            'weighed' => $weighings === null ? null : SheetDocument::json($weighings, WeighedField::cases()),
            'batches' => array_map(static fn (ReadPast $read): array => PastDocument::json($read, $breads), $rows->of($record, $weighings)),
        ]);
    }

    private function catalogue(Node $root): Catalogue
    {
        return $this->reference->catalogue->with(OwnLabel::readAll($root->at('own_ingredients'), $this->reference->catalogue));
    }

    /** @param list<SheetField> $fields */
    private static function mapped(Node $node, int $mostRows, array $fields): MappedSheet
    {
        $sheet = Sheet::read($node->at('csv'), $mostRows);

        return new MappedSheet($sheet, $sheet->columns($fields, $node->at('columns')));
    }

    /** @return array<string, string> names by identifiers */
    private static function breads(Node $node): array
    {
        $breads = [];
        foreach ($node->items(1, self::MOST_BREADS) as $bread) {
            $breads[$bread->object(['id', 'name'])->at('id')->uuid()] = $bread->at('name')->text(self::LONGEST_NAME);
        }

        return $breads;
    }

    private static function zone(Node $node): DateTimeZone
    {
        $zone = $node->optionalText(self::LONGEST_ZONE) ?? 'UTC';
        if (! in_array($zone, DateTimeZone::listIdentifiers(), true)) {
            $node->refuse('There is no such time zone.', 'a name such as Europe/Lisbon');

            return new DateTimeZone('UTC');
        }

        return new DateTimeZone($zone);
    }
}
