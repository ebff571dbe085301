<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Measure\Spread;

/**
 * What cooks call the ingredients of a catalogue, and what one of those that are counted weighs. Reference facts, core/data/names.json.
 *
 * @phpstan-type NameRows array{
 *   names: array<string, list<string>>,
 *   either: array<string, non-empty-list<string>>,
 *   pieces: array{grams: array<string, array{likely: float, low: float, high: float, small?: float, medium?: float, large?: float}>},
 *   hand_amounts: array{millilitres: array<string, array{float, float, float}>},
 * }
 */
final readonly class ByNames
{
    /** @param NameRows $rows */
    private function __construct(private array $rows)
    {
    }

    /** @param NameRows $rows */
    public static function of(array $rows): self
    {
        return new self($rows);
    }

    /**
     * What each name may mean, the likeliest first: one ingredient, or several where cooks use one word for all of them.
     *
     * @return array<string, non-empty-list<string>> ids by name in small letters
     */
    public function meanings(): array
    {
        $meanings = $this->rows['either'];
        foreach ($this->rows['names'] as $id => $names) {
            foreach ($names as $name) {
                $meanings[$name] = [$id];
            }
        }

        return $meanings;
    }

    /**
     * Grams of one, for what is counted; null for what is not.
     *
     * @param string|null $size small, medium or large, where somebody said
     */
    public function gramsOfOne(string $id, ?string $size = null): ?Spread
    {
        $row = $this->rows['pieces']['grams'][$id] ?? null;
        if ($row === null) {
            return null;
        }
        $named = $size === null ? null : ($row[$size] ?? null);

        return $named === null ? Spread::of($row['low'], $row['likely'], $row['high']) : Spread::exactly($named);
    }

    /** mL of what a hand takes: a pinch, a thumb, a handful; null where that is no such word. */
    public function millilitresOfHand(string $word): ?Spread
    {
        $row = $this->rows['hand_amounts']['millilitres'][$word] ?? null;

        return $row === null ? null : Spread::of(...$row);
    }

    /** @return list<string> */
    public function handWords(): array
    {
        return array_keys($this->rows['hand_amounts']['millilitres']);
    }
}
