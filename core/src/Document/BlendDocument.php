<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Blend\Blend;
use StoneMill\Blend\Wish;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\Composition;

/** A blend that meets every wish, or the wishes that cannot stand together. */
final readonly class BlendDocument
{
    public function __construct(private Blend $blend)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        if (! $this->blend->isPossible() || $this->blend->request === null) {
            return [
                'possible' => false, 'lines' => [], 'per_100_g' => null, 'binding_index' => null, 'price_per_kg' => null,
                'clash' => array_map(static fn (Wish $wish): array => ['wish' => $wish->id, 'text' => $wish->text], $this->blend->clash),
            ];
        }
        $composition = $this->blend->composition();

        return [
            'possible' => true,
            'lines' => array_map(static fn (array $line): array => ['ingredient' => $line['ingredient']->id, 'name' => $line['ingredient']->name, 'percent' => $line['percent']], $this->blend->lines),
            'per_100_g' => [
                'net_carbohydrate_grams' => $this->part($composition->carbohydrateGrams, static fn (Composition $part): float => $part->carbohydrateGrams),
                'protein_grams' => $this->part($composition->proteinGrams, static fn (Composition $part): float => $part->proteinGrams),
                'fibre_grams' => $this->part($composition->fibreGrams, static fn (Composition $part): float => $part->fibreGrams),
                'fat_grams' => $this->part($composition->fatGrams, static fn (Composition $part): float => $part->fatGrams),
            ],
            'binding_index' => Figures::json(Figure::exact($this->blend->bindingIndex(), Unit::Index, ...array_map(
                fn (array $line): Reason => Reason::amount($line['ingredient']->name, $line['percent'] * $line['ingredient']->bindingAtSwollen($this->blend->swollenShare), Unit::Index),
                $this->blend->lines,
            ))),
            'price_per_kg' => self::rounded($this->blend->pricePerKilogram($this->blend->request->prices)),
            'clash' => [],
        ];
    }

    /**
     * @param callable(Composition): float $of grams in 100 g of one ingredient
     * @return array<string, mixed>
     */
    private function part(float $grams, callable $of): array
    {
        $total = array_sum(array_column($this->blend->lines, 'percent'));

        return Figures::json(Figure::exact($grams, Unit::Gram, ...array_map(
            static fn (array $line): Reason => Reason::amount($line['ingredient']->name, $line['percent'] / $total * $of($line['ingredient']->composition), Unit::Gram),
            $this->blend->lines,
        )));
    }

    private static function rounded(?float $price): ?float
    {
        return $price === null ? null : round($price, 4);
    }
}
