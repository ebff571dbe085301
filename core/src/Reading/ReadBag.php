<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Pantry\Ingredient;

/** A row of a cook's own sheet as a bag. */
final readonly class ReadBag
{
    /**
     * @param int $row counted from 1, without the heads
     * @param Ingredient|null $ingredient null where it is not known
     * @param string|null $boughtOn YYYY-MM-DD, as the other days
     * @param bool $isThere whether the larder has it already
     * @param list<string> $doubts whole sentences
     * @param list<string> $choices ids of ingredients that may be meant
     */
    public function __construct(
        public int $row,
        public ?Ingredient $ingredient,
        public string $label,
        public ?float $grams,
        public ?float $pricePerKilogram,
        public ?string $boughtOn,
        public ?string $openedOn,
        public ?string $bestBefore,
        public bool $isCertified,
        public ?string $notes,
        public bool $isThere,
        public array $doubts,
        public array $choices,
    ) {
    }
}
