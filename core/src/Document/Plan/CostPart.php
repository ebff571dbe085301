<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Document\Figures;
use StoneMill\Label\Cost;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;

/** What the batch and a piece of it cost. */
final readonly class CostPart
{
    public function __construct(private Cost $cost)
    {
    }

    /** @return array<string, mixed> */
    public function json(int $pieces): array
    {
        $total = array_sum($this->cost->byLine);
        $reasons = array_map(
            static fn (string $name, float $money): Reason => Reason::amount($name, $money, Unit::Money),
            array_keys($this->cost->byLine),
            array_values($this->cost->byLine),
        );
        if ($this->cost->unpriced !== []) {
            $reasons[] = Reason::saying('Without a price: '.implode(', ', $this->cost->unpriced).'.');
        }

        return [
            'batch' => Figures::json(Figure::exact($total, Unit::Money, ...$reasons)),
            'per_piece' => Figures::json(Figure::exact($total / $pieces, Unit::Money, Reason::amount('The batch', $total, Unit::Money), Reason::saying(sprintf('in %d pieces.', $pieces)))),
            'unpriced' => $this->cost->unpriced,
            // What no bag has a price for is not known, which is another thing than costing nothing.
            'is_known' => $this->cost->byLine !== [],
        ];
    }
}
