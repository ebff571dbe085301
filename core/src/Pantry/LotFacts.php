<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

/** What a batch must know of a bag: whether it is certified, what it cost, and what the record says of the water it takes. */
final readonly class LotFacts
{
    /**
     * @param float|null $pricePerKilogram in the money of the kitchen
     * @param LearnedWater|null $water null where nothing was learned, or the cook has set it aside
     * @param float|null $leftGrams what is left in it; null where nobody said
     */
    public function __construct(public bool $certifiedGlutenFree, public ?float $pricePerKilogram, public ?LearnedWater $water = null, public ?float $leftGrams = null)
    {
    }

    public function knowing(?LearnedWater $water): self
    {
        return new self($this->certifiedGlutenFree, $this->pricePerKilogram, $water, $this->leftGrams);
    }

    /** @return array{certified_gluten_free: bool, price_per_kg?: float, left_grams?: float, water?: array{points: float, deviation: float, batches: int}} as a plan request names them */
    public function toRequest(): array
    {
        return ['certified_gluten_free' => $this->certifiedGlutenFree, ...($this->pricePerKilogram === null ? [] : ['price_per_kg' => $this->pricePerKilogram]), ...($this->leftGrams === null ? [] : ['left_grams' => $this->leftGrams]), ...($this->water === null ? [] : ['water' => $this->water->toRequest()])];
    }
}
