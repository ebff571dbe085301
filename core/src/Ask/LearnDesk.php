<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Document\Answer;
use StoneMill\Document\LearnDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** Questions about what the record says: lessons of batches in, what is known of bags out. */
final readonly class LearnDesk
{
    /**
     * @throws InvalidInput If the document breaks the contract.
     */
    public function learn(mixed $document): Answer
    {
        $findings = new Findings;
        $read = LearnReader::read(Node::root($document, $findings));
        $findings->refuseIfAny();

        return new Answer([
            'bags' => array_map(static fn (array $bag): array => [
                ...$bag, 'water' => LearnDocument::water($read->record->water, $bag['flour'], $bag['bag']), 'settling' => LearnDocument::settling($read->record->water, $bag['flour'], $bag['bag']),
            ], $read->bags),
            'griddles' => array_map(static fn (string $griddle): array => ['griddle' => $griddle, 'heat' => LearnDocument::heat($read->record, $griddle)], $read->record->griddles->griddles()),
            'learned' => LearnDocument::all($read->record, array_map(static fn (string $cook): array => ['id' => $cook, 'name' => $cook], $read->record->cooks())),
        ]);
    }
}
