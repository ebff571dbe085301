<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Exchange\Row;
use StoneMill\Measure\Spread;

/** What cooks call the ingredients of a catalogue, and what one of those that are counted weighs. Reference facts, core/data/names.json. */
final readonly class ByNames
{
    private function __construct(private Row $names, private Row $either, private Row $gramsOfOne, private Row $millilitresOfHand)
    {
    }

    public static function of(Row $facts): self
    {
        return new self($facts->row('names'), $facts->row('either'), $facts->row('pieces')->row('grams'), $facts->row('hand_amounts')->row('millilitres'));
    }

    /**
     * What each name may mean, the likeliest first: one ingredient, or several where cooks use one word for all of them.
     *
     * @return array<string, list<string>> ids by name in small letters
     */
    public function meanings(): array
    {
        $meanings = [];
        foreach ($this->either->names() as $name) {
            $meanings[$name] = $this->either->texts($name);
        }
        foreach ($this->names->names() as $id) {
            foreach ($this->names->texts($id) as $name) {
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
        $row = $this->gramsOfOne->optionalRow($id);
        $named = $size === null ? null : $row?->optionalNumber($size);

        return match (true) {
            $row === null => null,
            $named !== null => Spread::exactly($named),
            default => Spread::of($row->number('low'), $row->number('likely'), $row->number('high')),
        };
    }

    /** mL of what a hand takes: a pinch, a thumb, a handful; null where that is no such word. */
    public function millilitresOfHand(string $word): ?Spread
    {
        return $this->millilitresOfHand->has($word) ? Spread::of(...$this->millilitresOfHand->three($word)) : null;
    }

    /** @return list<string> */
    public function handWords(): array
    {
        return $this->millilitresOfHand->names();
    }
}
