<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Node;

/** How many and how big, as far as the cook has said. */
final readonly class PieceWish
{
    private function __construct(
        public ?int $count,
        public ?float $gramsEach,
        public ?float $diameterMillimetres,
        public ?float $thicknessMillimetres,
    ) {
    }

    public static function read(Node $node): self
    {
        $node->object(['count', 'grams_each', 'diameter_mm', 'thickness_mm']);
        $wish = new self(
            $node->at('count')->optionalInteger(1, Limits::PIECES),
            $node->at('grams_each')->optionalNumber(Limits::LEAST_PIECE_GRAMS, Limits::MOST_PIECE_GRAMS, 'g'),
            $node->at('diameter_mm')->optionalNumber(Limits::LEAST_DIAMETER_MM, Limits::MOST_DIAMETER_MM, 'mm'),
            $node->at('thickness_mm')->optionalNumber(Limits::LEAST_THICKNESS_MM, Limits::MOST_THICKNESS_MM, 'mm'),
        );
        if ($wish->gramsEach !== null && $wish->diameterMillimetres !== null && $wish->thicknessMillimetres !== null) {
            $node->refuse('Weight, diameter and thickness together say too much.', 'at most two of grams_each, diameter_mm, thickness_mm');
        }

        return $wish;
    }
}
