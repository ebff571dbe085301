<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Exchange\Node;
use StoneMill\Exchange\Row;
use StoneMill\Pantry\Exception\UnknownIngredient;

/** Every ingredient that a formula can name. Rows become ingredients when they are asked for: a plan uses a handful of them. */
final class Catalogue
{
    /** @var array<string, Ingredient> */
    private array $read = [];

    /** @param array<string, Row> $rows by id */
    private function __construct(private readonly array $rows)
    {
    }

    /** @param list<Row> $rows */
    public static function of(array $rows): self
    {
        return new self(Row::by('id', $rows));
    }

    /**
     * This catalogue with a cook's own ingredients in it; one of the same name stands before the shipped one.
     *
     * @param list<Ingredient> $own
     */
    public function with(array $own): self
    {
        $more = clone $this;
        foreach ($own as $ingredient) {
            $more->read[$ingredient->id] = $ingredient;
        }

        return $more;
    }

    /**
     * Whether one of these is wheat, or of its kin. What the catalogue does not know is not looked at.
     *
     * @param list<string> $ids
     */
    public function isAnyWheat(array $ids): bool
    {
        foreach ($ids as $id) {
            if ($this->has($id) && $this->ingredient($id)->gluten === GlutenNature::ContainsWheat) {
                return true;
            }
        }

        return false;
    }

    /** @throws UnknownIngredient If there is none of that name. */
    public function ingredient(string $id): Ingredient
    {
        return $this->read[$id] ??= IngredientRows::read($this->rows[$id] ?? throw UnknownIngredient::named($id));
    }

    public function has(string $id): bool
    {
        return isset($this->rows[$id]) || isset($this->read[$id]);
    }

    /** Says at the node that there is no ingredient of this name, if there is none. */
    public function refuseUnknown(string $id, Node $node): void
    {
        if (! $this->has($id)) {
            $node->refuse('This ingredient is not in the catalogue.', 'a known ingredient, such as '.implode(', ', $this->namesLike($id)));
        }
    }

    /**
     * For a cook to choose from.
     *
     * @param list<string> $ids
     * @return list<array{id: string, name: string}>
     */
    public function named(array $ids): array
    {
        return array_map(fn (string $id): array => ['id' => $id, 'name' => $this->ingredient($id)->name], $ids);
    }

    /** @return list<Ingredient> */
    public function all(): array
    {
        return array_map(fn (string $id): Ingredient => $this->ingredient($id), array_keys($this->rows + $this->read));
    }

    /** @return list<string> the three names most like a mistyped one */
    public function namesLike(string $id): array
    {
        $distance = [];
        foreach (array_keys($this->rows + $this->read) as $known) {
            $distance[$known] = levenshtein(substr($id, 0, 40), $known);
        }
        asort($distance);

        return array_slice(array_keys($distance), 0, 3);
    }
}
