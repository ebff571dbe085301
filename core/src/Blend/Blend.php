<?php

declare(strict_types=1);

namespace StoneMill\Blend;

use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\Composition;
use StoneMill\Pantry\Ingredient;

/** A blend in percent of the flour base and what it comes to, or the wishes that clash. */
final readonly class Blend
{
    /**
     * @param list<array{ingredient: Ingredient, percent: float}> $lines
     * @param list<Wish> $clash
     */
    private function __construct(public array $lines, public array $clash, private ?BlendRequest $request, private float $swollenShare)
    {
    }

    /** @param array<string, float> $percent by ingredient */
    public static function found(BlendRequest $request, array $percent, float $swollenShare): self
    {
        $byId = array_column(array_map(static fn (Ingredient $one): array => ['id' => $one->id, 'one' => $one], $request->candidates), 'one', 'id');

        return new self(
            array_map(static fn (string $id, float $share): array => ['ingredient' => $byId[$id], 'percent' => round($share, 2)], array_keys($percent), array_values($percent)),
            [],
            $request,
            $swollenShare,
        );
    }

    /** @param list<Wish> $clash */
    public static function impossible(array $clash): self
    {
        return new self([], $clash, null, 0.0);
    }

    public function isPossible(): bool
    {
        return $this->clash === [];
    }

    public function bindingIndex(): float
    {
        return array_sum(array_map(fn (array $line): float => $line['percent'] * $line['ingredient']->bindingAtSwollen($this->swollenShare), $this->lines));
    }

    public function composition(): Composition
    {
        return Composition::mixed(array_map(static fn (array $line): array => ['composition' => $line['ingredient']->composition, 'grams' => $line['percent']], $this->lines));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        if (! $this->isPossible() || $this->request === null) {
            return [
                'possible' => false, 'lines' => [], 'per_100_g' => null, 'binding_index' => null, 'price_per_kg' => null,
                'clash' => array_map(static fn (Wish $wish): array => ['wish' => $wish->id, 'text' => $wish->text], $this->clash),
            ];
        }
        $composition = $this->composition();

        return [
            'possible' => true,
            'lines' => array_map(static fn (array $line): array => ['ingredient' => $line['ingredient']->id, 'name' => $line['ingredient']->name, 'percent' => $line['percent']], $this->lines),
            'per_100_g' => [
                'net_carbohydrate_grams' => $this->part($composition->carbohydrateGrams, static fn (Composition $part): float => $part->carbohydrateGrams),
                'protein_grams' => $this->part($composition->proteinGrams, static fn (Composition $part): float => $part->proteinGrams),
                'fibre_grams' => $this->part($composition->fibreGrams, static fn (Composition $part): float => $part->fibreGrams),
                'fat_grams' => $this->part($composition->fatGrams, static fn (Composition $part): float => $part->fatGrams),
            ],
            'binding_index' => Figure::exact($this->bindingIndex(), Unit::Index, ...array_map(
                fn (array $line): Reason => Reason::amount($line['ingredient']->name, $line['percent'] * $line['ingredient']->bindingAtSwollen($this->swollenShare), Unit::Index),
                $this->lines,
            ))->toArray(),
            'price_per_kg' => $this->pricePerKilogram($this->request->prices),
            'clash' => [],
        ];
    }

    /**
     * @param callable(Composition): float $of grams in 100 g of one ingredient
     * @return array<string, mixed>
     */
    private function part(float $grams, callable $of): array
    {
        $total = array_sum(array_column($this->lines, 'percent'));

        return Figure::exact($grams, Unit::Gram, ...array_map(
            static fn (array $line): Reason => Reason::amount($line['ingredient']->name, $line['percent'] / $total * $of($line['ingredient']->composition), Unit::Gram),
            $this->lines,
        ))->toArray();
    }

    /** @param array<string, float> $prices */
    private function pricePerKilogram(array $prices): ?float
    {
        $total = array_sum(array_column($this->lines, 'percent'));
        foreach ($this->lines as $line) {
            if (! isset($prices[$line['ingredient']->id])) {
                return null;
            }
        }

        return round(array_sum(array_map(static fn (array $line): float => $prices[$line['ingredient']->id] * $line['percent'], $this->lines)) / $total, 4);
    }
}
