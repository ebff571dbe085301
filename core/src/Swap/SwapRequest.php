<?php

declare(strict_types=1);

namespace StoneMill\Swap;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Pantry\Allergen;
use StoneMill\Pantry\Catalogue;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** A formula, the line to replace, and what there is to replace it with. */
final readonly class SwapRequest
{
    private const LARDER = 120;

    /**
     * @param GivenRequest $given the plan request as it was given
     * @param list<string>|null $larder ingredients at hand, or null where nobody has said
     * @param list<Allergen> $without
     */
    private function __construct(
        public GivenRequest $given,
        public PlanRequest $request,
        public string $replace,
        public ?array $larder,
        public array $without,
    ) {
    }

    /** @throws InvalidInput If anything in the document breaks the contract. */
    public static function read(mixed $document, Reference $reference): self
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['request', 'replace', 'larder', 'without']);
        $given = GivenRequest::at($root->at('request'));
        $request = $given->isEmpty() ? null : PlanRequest::readNode($root->at('request'), $reference, $findings);
        $replace = $root->at('replace')->text(60);
        if ($request !== null && $replace !== '' && $request->formula->line($replace) === null) {
            $root->at('replace')->refuse('This is not a line of the formula.', 'an ingredient of the formula other than water');
        }
        $larder = $root->at('larder')->isAbsent() ? null : self::larder($root->at('larder'), $request->catalogue ?? $reference->catalogue);
        $without = $root->at('without')->choices(Allergen::class, 12);

        return new self($given, $findings->sound($request), $replace, $larder, $without);
    }

    public function isAtHand(string $ingredient): bool
    {
        return $this->larder === null || in_array($ingredient, $this->larder, true);
    }

    /** @return list<string> */
    private static function larder(Node $node, Catalogue $catalogue): array
    {
        $larder = [];
        foreach ($node->items(0, self::LARDER) as $item) {
            $id = $item->text(60);
            if ($id !== '') {
                $catalogue->refuseUnknown($id, $item);
            }
            $larder[] = $id;
        }

        return $larder;
    }
}
