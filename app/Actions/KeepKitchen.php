<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Kitchen;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Cup;
use StoneMill\Measure\SpoonSet;

/** Keeps what holds for a whole kitchen: the cup that it measures with, and what of its record nobody wants used. */
final class KeepKitchen
{
    /** @throws InvalidInput If anything in the document breaks the contract. */
    public function __invoke(Kitchen $kitchen, mixed $document): Kitchen
    {
        $findings = new Findings;
        $body = Node::root($document, $findings)->object(['cup', 'spoon', 'aside']);
        $sets = [];
        foreach (['cup' => Cup::class, 'spoon' => SpoonSet::class] as $name => $choices) {
            if (! $body->at($name)->isAbsent()) {
                $sets[$name] = $body->at($name)->optionalChoice($choices)?->value;
            }
        }
        $aside = $body->at('aside')->isAbsent() ? null : self::aside($body->at('aside'));
        $findings->refuseIfAny();

        return DB::transaction(static function () use ($kitchen, $sets, $aside): Kitchen {
            $kitchen->refresh();
            $kitchen->fill($sets);
            if ($aside !== null) {
                [$name, $isSet] = $aside;
                $others = array_values(array_filter($kitchen->set_aside, static fn (string $one): bool => $one !== $name));
                $kitchen->set_aside = $isSet ? [...$others, $name] : $others;
            }
            $kitchen->save();

            return $kitchen;
        });
    }

    /** @return array{string, bool} */
    private static function aside(Node $node): array
    {
        $node->object(['name', 'set']);

        return [$node->at('name')->text(160), $node->at('set')->boolean()];
    }
}
