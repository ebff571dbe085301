<?php

declare(strict_types=1);

namespace StoneMill\Blend;

use StoneMill\Pantry\Ingredient;

/**
 * Finds a blend of flours and binders that meets every wish and does best by one goal: a linear program in percent of
 * the flour base. Where no blend can, a smallest set of wishes that clash: each is dropped for good if the rest still
 * clash without it (a deletion filter), so that what stays would be met if any one of it were given up.
 */
final readonly class BlendSolver
{
    /** Of two blends that are as good, the one with fewer odds and ends: a trace of cost on what is strong in taste. */
    private const TRACE = 1e-5;

    private const LEAST_SHOWN_PERCENT = 0.05;

    public function __construct(private BlendRequest $request, private float $bindingNeeded, private float $gummyAbove, private float $swollenShare)
    {
    }

    public function solve(): Blend
    {
        $wishes = $this->wishes();
        $found = $this->request->candidates === [] ? null : LinearProgram::least($this->cost(), self::rows($wishes));
        if ($found === null) {
            return Blend::impossible($this->clash($wishes));
        }
        $percent = [];
        foreach ($this->request->candidates as $index => $ingredient) {
            if ($found[$index] >= self::LEAST_SHOWN_PERCENT) {
                $percent[$ingredient->id] = $found[$index];
            }
        }
        arsort($percent);

        return Blend::found($this->request, $percent, $this->swollenShare);
    }

    /** @return list<Wish> */
    public function wishes(): array
    {
        $flour = $this->row(static fn (Ingredient $one): float => $one->role->isFlourBase() ? 1.0 : 0.0);
        $binding = $this->row(fn (Ingredient $one): float => $one->bindingAtSwollen($this->swollenShare));

        // In the order in which they are given up to find what clashes: the cook's own first, then what blends are like.
        return [
            Wish::exactly('flour', 'flours and starches make up 100 %', $flour, 100)->asRule(),
            ...$this->nutrients(),
            ...$this->shares(),
            Wish::atLeast('binding_least', sprintf('binding of at least %.0f points', $this->bindingNeeded), $binding, $this->bindingNeeded),
            Wish::atMost('gummy', sprintf('binding of at most %.0f points, or it turns gummy', $this->gummyAbove), $binding, $this->gummyAbove),
            $this->taste(),
        ];
    }

    private function taste(): Wish
    {
        return Wish::together('taste', 'nothing above the share at which a bread tastes of little else', array_map(
            fn (int $index, Ingredient $ingredient): array => ['row' => $this->unit($index), 'most' => min($ingredient->mostPercent, 100)],
            array_keys($this->request->candidates),
            $this->request->candidates,
        ));
    }

    /** @return list<Wish> */
    private function shares(): array
    {
        $wishes = [];
        foreach (['at_least' => $this->request->atLeast, 'at_most' => $this->request->atMost] as $id => $shares) {
            foreach ($shares as $ingredient => $percent) {
                $row = $this->row(static fn (Ingredient $one): float => $one->id === $ingredient ? 1.0 : 0.0);
                $wishes[] = $id === 'at_least'
                    ? Wish::atLeast($id, sprintf('at least %.0f %% %s', $percent, str_replace('-', ' ', (string) $ingredient)), $row, $percent)
                    : Wish::atMost($id, sprintf('at most %.0f %% %s', $percent, str_replace('-', ' ', (string) $ingredient)), $row, $percent);
            }
        }

        return $wishes;
    }

    /**
     * What 100 g of the dry blend hold is a ratio, but its limit is linear: Σ (c − limit) · x ≤ 0.
     *
     * @return list<Wish>
     */
    private function nutrients(): array
    {
        $request = $this->request;
        $wishes = [];
        if ($request->netCarbohydrateMost !== null) {
            $wishes[] = Wish::atMost('net_carbohydrate_most', sprintf('at most %.0f g net carbohydrate in 100 g', $request->netCarbohydrateMost), $this->row(static fn (Ingredient $one): float => $one->composition->carbohydrateGrams - $request->netCarbohydrateMost), 0);
        }
        if ($request->proteinLeast !== null) {
            $wishes[] = Wish::atLeast('protein_least', sprintf('at least %.0f g protein in 100 g', $request->proteinLeast), $this->row(static fn (Ingredient $one): float => $one->composition->proteinGrams - $request->proteinLeast), 0);
        }
        if ($request->fibreLeast !== null) {
            $wishes[] = Wish::atLeast('fibre_least', sprintf('at least %.0f g fibre in 100 g', $request->fibreLeast), $this->row(static fn (Ingredient $one): float => $one->composition->fibreGrams - $request->fibreLeast), 0);
        }
        if ($request->priceMost !== null) {
            $wishes[] = Wish::atMost('price_most', sprintf('at most %.2f a kg', $request->priceMost), $this->row(fn (Ingredient $one): float => $this->price($one) - $request->priceMost), 0);
        }

        return $wishes;
    }

    /**
     * @param list<Wish> $wishes
     * @return list<Wish>
     */
    private function clash(array $wishes): array
    {
        if ($this->request->candidates === []) {
            return [Wish::atLeast('larder', 'a flour that is in the larder and free of what must not be in it', [], 1)];
        }
        $kept = $wishes;
        foreach ($wishes as $wish) {
            $without = array_values(array_filter($kept, static fn (Wish $other): bool => $other !== $wish));
            if ($wish->isGiven && ! $this->isPossible($without)) {
                $kept = $without;
            }
        }

        return array_values(array_filter($kept, static fn (Wish $wish): bool => $wish->isGiven));
    }

    /** @param list<Wish> $wishes */
    private function isPossible(array $wishes): bool
    {
        return LinearProgram::least(array_fill(0, count($this->request->candidates), 0.0), self::rows($wishes)) !== null;
    }

    /**
     * @param list<Wish> $wishes
     * @return list<array{row: list<float>, most: float}>
     */
    private static function rows(array $wishes): array
    {
        return array_merge(...array_map(static fn (Wish $wish): array => $wish->rows, $wishes));
    }

    /** @return list<float> */
    private function cost(): array
    {
        return $this->row(fn (Ingredient $one): float => $this->request->goal->costOf($one, $this->price($one)) + self::TRACE * (100 / min(100, $one->mostPercent)));
    }

    /** What has no price is not taken for free: it counts as the dearest that has one. */
    private function price(Ingredient $ingredient): float
    {
        return $this->request->prices[$ingredient->id] ?? ($this->request->prices === [] ? 0.0 : max($this->request->prices));
    }

    /**
     * @param callable(Ingredient): float $value
     * @return list<float>
     */
    private function row(callable $value): array
    {
        return array_map($value, $this->request->candidates);
    }

    /** @return list<float> */
    private function unit(int $at): array
    {
        $row = array_fill(0, count($this->request->candidates), 0.0);
        $row[$at] = 1.0;

        return array_values($row);
    }
}
