<?php

declare(strict_types=1);

namespace StoneMill\Blend;

use StoneMill\Pantry\Composition;
use StoneMill\Pantry\Ingredient;

/** A blend in percent of the flour base and what it comes to, or the wishes that clash. */
final readonly class Blend
{
    /**
     * @param list<array{ingredient: Ingredient, percent: float}> $lines
     * @param list<Wish> $clash
     */
    private function __construct(public array $lines, public array $clash, public ?BlendRequest $request, public float $swollenShare)
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

    /** @param array<string, float> $prices */
    public function pricePerKilogram(array $prices): ?float
    {
        $total = array_sum(array_column($this->lines, 'percent'));
        foreach ($this->lines as $line) {
            if (! isset($prices[$line['ingredient']->id])) {
                return null;
            }
        }

        return array_sum(array_map(static fn (array $line): float => $prices[$line['ingredient']->id] * $line['percent'], $this->lines)) / $total;
    }
}
