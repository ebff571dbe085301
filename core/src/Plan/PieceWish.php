<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Node;
use StoneMill\School\Dividing;
use StoneMill\School\Likeness;
use StoneMill\Shape\Oblong;
use StoneMill\Style\Style;

/** How many and how big, as far as the cook has said. */
final readonly class PieceWish
{
    private function __construct(
        public ?int $count,
        public ?float $gramsEach,
        public ?float $diameterMillimetres,
        public ?float $thicknessMillimetres,
        public Dividing $dividing,
        public ?int $eachTakes,
        public Oblong $oblong,
    ) {
    }

    /** Dough that one eater takes, in g; planning estimate. */
    private const GRAMS_PER_EATER = 110.0;

    public static function read(Node $node, Style $style): self
    {
        $node->object(['count', 'eaters', 'grams_each', 'diameter_mm', 'thickness_mm', 'like', 'divided_by', 'each_takes', 'long_over_wide']);
        $count = $node->at('count')->optionalInteger(1, Limits::PIECES);
        $eaters = $node->at('eaters')->optionalInteger(1, Limits::EATERS);
        if ($count !== null && $eaters !== null) {
            $node->refuse('Count and eaters together say too much.', 'count or eaters');
        }
        $eachTakes = $node->at('each_takes')->optionalInteger(1, Limits::EACH_TAKES);
        $like = $node->at('like')->optionalChoice(Likeness::class);
        $each = $node->at('grams_each')->optionalNumber(Limits::LEAST_PIECE_GRAMS, Limits::MOST_PIECE_GRAMS, 'g');
        if ($like !== null && $each !== null) {
            $node->refuse('A weight and a likeness together say too much.', 'grams_each or like');
        }
        $wish = new self(
            $count ?? ($eaters === null ? null : min(Limits::PIECES, $eaters * ($eachTakes ?? self::forOneEater($each ?? $like?->grams() ?? $style->pieceGrams)))),
            $each ?? $like?->grams(),
            $node->at('diameter_mm')->optionalNumber(Limits::LEAST_DIAMETER_MM, Limits::MOST_DIAMETER_MM, 'mm'),
            $node->at('thickness_mm')->optionalNumber(Limits::LEAST_THICKNESS_MM, Limits::MOST_THICKNESS_MM, 'mm'),
            $node->at('divided_by')->optionalChoice(Dividing::class) ?? ($like === null ? Dividing::Scale : Dividing::Likened),
            $eachTakes,
            new Oblong($node->at('long_over_wide')->optionalNumber(1, Oblong::MOST_LONG_OVER_WIDE) ?? 1.0),
        );
        if ($wish->gramsEach !== null && $wish->diameterMillimetres !== null && $wish->thicknessMillimetres !== null) {
            $node->refuse('Weight, diameter and thickness together say too much.', 'at most two of grams_each, diameter_mm, thickness_mm');
        }

        return $wish;
    }

    /** Pieces of that size that one eater takes. */
    public static function forOneEater(float $pieceGrams): int
    {
        return max(1, (int) round(self::GRAMS_PER_EATER / $pieceGrams));
    }
}
