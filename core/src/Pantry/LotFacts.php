<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

/** What a batch must know of a bag: whether it is certified, and what it cost. */
final readonly class LotFacts
{
    /** @param float|null $pricePerKilogram in the money of the kitchen */
    public function __construct(public bool $certifiedGlutenFree, public ?float $pricePerKilogram)
    {
    }

    /** @return array{certified_gluten_free: bool, price_per_kg?: float} as a plan request names them */
    public function toRequest(): array
    {
        return ['certified_gluten_free' => $this->certifiedGlutenFree, ...($this->pricePerKilogram === null ? [] : ['price_per_kg' => $this->pricePerKilogram])];
    }
}
