<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Kitchen;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Cup;

/** Keeps what holds for a whole kitchen: the cup that it measures with. */
final class KeepKitchen
{
    /** @throws InvalidInput If anything in the document breaks the contract. */
    public function __invoke(Kitchen $kitchen, mixed $document): Kitchen
    {
        $findings = new Findings;
        $cup = Node::root($document, $findings)->object(['cup'])->at('cup')->optionalChoice(Cup::class);
        $findings->refuseIfAny();
        $kitchen->update(['cup' => $cup?->value]);

        return $kitchen;
    }
}
