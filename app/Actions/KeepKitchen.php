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
        $sets = array_map(static fn ($set): ?string => $set?->value, array_filter([
            'cup' => $body->at('cup')->optionalChoice(Cup::class), 'spoon' => $body->at('spoon')->optionalChoice(SpoonSet::class),
        ], static fn (string $name): bool => ! $body->at($name)->isAbsent(), ARRAY_FILTER_USE_KEY));
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
