<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Dough\WeighedLine;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\LotFacts;
use StoneMill\Pantry\Role;

/** What a batch costs by the prices of its bags, and which lines have no price. */
final readonly class Cost
{
    /**
     * @param array<string, float> $byLine money by name of the line
     * @param list<string> $unpriced names of lines without a price
     */
    private function __construct(private array $byLine, private array $unpriced)
    {
    }

    /**
     * @param list<WeighedLine> $lines
     * @param array<string, LotFacts> $lots
     */
    public static function of(array $lines, array $lots): self
    {
        $byLine = [];
        $unpriced = [];
        foreach ($lines as $line) {
            $price = $line->lot === null ? null : ($lots[$line->lot] ?? null)?->pricePerKilogram;
            if ($price !== null) {
                $byLine[$line->ingredient->name] = ($byLine[$line->ingredient->name] ?? 0.0) + $price * $line->grams / 1000;
            } elseif ($line->ingredient->role !== Role::Water) {
                $unpriced[] = $line->ingredient->name;
            }
        }

        return new self($byLine, array_values(array_unique($unpriced)));
    }

    /** @return array<string, mixed> */
    public function toArray(int $pieces): array
    {
        $total = array_sum($this->byLine);
        $reasons = array_map(
            static fn (string $name, float $money): Reason => Reason::amount($name, $money, Unit::Money),
            array_keys($this->byLine),
            array_values($this->byLine),
        );
        if ($this->unpriced !== []) {
            $reasons[] = Reason::saying('Without a price: '.implode(', ', $this->unpriced).'.');
        }

        return [
            'batch' => Figure::exact($total, Unit::Money, ...$reasons)->toArray(),
            'per_piece' => Figure::exact($total / $pieces, Unit::Money, Reason::amount('The batch', $total, Unit::Money), Reason::saying(sprintf('in %d pieces.', $pieces)))->toArray(),
            'unpriced' => $this->unpriced,
            // What no bag has a price for is not known, which is another thing than costing nothing.
            'is_known' => $this->byLine !== [],
        ];
    }
}
