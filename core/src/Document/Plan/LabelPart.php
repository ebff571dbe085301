<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Document\Figures;
use StoneMill\Label\Label;
use StoneMill\Measure\Figure;
use StoneMill\Pantry\Allergen;

/** Nutrition, allergens and gluten of a piece, of what one eater takes, and of 100 g. */
final readonly class LabelPart
{
    public function __construct(private Label $label)
    {
    }

    /**
     * @param int $each pieces that one eater takes
     * @return array<string, mixed>
     */
    public function json(int $each): array
    {
        return [
            'per_piece' => $this->pieces(1, 'In one piece; only water leaves on the griddle.'),
            'per_serving' => $this->pieces($each, sprintf('In %d of them; only water leaves on the griddle.', $each)),
            'per_100_g' => self::facts($this->label->in100Grams('In 100 g as eaten, after the water lost on the griddle.')),
            'per_100_g_raw' => self::facts($this->label->in100GramsRaw('In 100 g of raw dough.')),
            'ingredients' => $this->label->ingredients,
            'allergens' => array_map(static fn (Allergen $allergen): array => ['id' => $allergen->value, 'words' => $allergen->inWords()], $this->label->allergens),
            'contains' => $this->label->inWords(),
            'gluten' => ['status' => $this->label->gluten->value, 'words' => $this->label->gluten->inWords(), 'uncertified' => $this->label->uncertified],
        ];
    }

    /** @return array<string, mixed> */
    private function pieces(int $count, string $basis): array
    {
        return ['grams' => Figures::json($this->label->eaten($count)), ...self::facts($this->label->inPieces($count, $basis))];
    }

    /**
     * @param array<string, Figure> $facts
     * @return array<string, mixed>
     */
    private static function facts(array $facts): array
    {
        return array_map(Figures::json(...), $facts);
    }
}
