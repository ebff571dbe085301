<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

use StoneMill\Plan\GivenRequest;

/** The bags of a kitchen, and which one a batch is weighed from unless the cook says otherwise. */
final readonly class BagShelf
{
    /** @var array<string, Bag> by ingredient */
    private array $taken;

    /** @var array<string, float> by ingredient, for a kilogram */
    private array $prices;

    /** @param list<Bag> $bags */
    public function __construct(array $bags)
    {
        $taken = $priced = [];
        foreach ($bags as $bag) {
            if ($bag->emptiedOn !== null) {
                continue;
            }
            if (! isset($taken[$bag->ingredient]) || $bag->isNewerThan($taken[$bag->ingredient])) {
                $taken[$bag->ingredient] = $bag;
            }
            if ($bag->facts->pricePerKilogram !== null && (! isset($priced[$bag->ingredient]) || $bag->isNewerThan($priced[$bag->ingredient]))) {
                $priced[$bag->ingredient] = $bag;
            }
        }
        $this->taken = $taken;
        $this->prices = array_map(static fn (Bag $bag): float => (float) $bag->facts->pricePerKilogram, $priced);
    }

    /** The bag opened last of those that are not empty; null where there is none. */
    public function taken(string $ingredient): ?Bag
    {
        return $this->taken[$ingredient] ?? null;
    }

    /** The request with every line, and all that goes beside the dough, from the bag that is taken. */
    public function under(GivenRequest $request): GivenRequest
    {
        $taken = array_values(array_intersect_key($this->taken, array_flip($request->ingredients())));

        return $taken === [] ? $request : $request
            ->weighedFrom(array_column($taken, 'id', 'ingredient'))
            ->withBags(array_column($taken, 'facts', 'id'));
    }

    /** @return array<string, string> the bag that is taken, by ingredient */
    public function takenIds(): array
    {
        return array_map(static fn (Bag $bag): string => $bag->id, $this->taken);
    }

    /** @return array<string, float> what a kilogram costs: of the newest bag that has a price, by ingredient */
    public function prices(): array
    {
        return $this->prices;
    }
}
