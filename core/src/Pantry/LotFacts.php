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
}
