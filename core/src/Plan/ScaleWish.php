<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Formula;
use StoneMill\Exchange\Node;

/** How large the batch is to be, when not the pieces decide: by the flour at hand, by the dough, or by what is scarce. */
final readonly class ScaleWish
{
    private function __construct(public ?float $flourGrams, public ?float $doughGrams, public ?string $limitIngredient, public ?float $limitGrams)
    {
    }

    public static function read(Node $node): ?self
    {
        if ($node->isAbsent()) {
            return null;
        }
        $node->object(['flour_grams', 'dough_grams', 'limit']);
        $given = array_filter(['flour_grams', 'dough_grams', 'limit'], static fn (string $field): bool => ! $node->at($field)->isAbsent());
        if (count($given) !== 1) {
            $node->refuse($given === [] ? 'This does not say by what to scale.' : 'This says more than one size.', 'one of flour_grams, dough_grams, limit');
        }
        $limit = $node->at('limit')->object(['ingredient', 'grams']);

        return new self(
            $node->at('flour_grams')->optionalNumber(1, Limits::MOST_GRAMS, 'g'),
            $node->at('dough_grams')->optionalNumber(Limits::LEAST_PIECE_GRAMS, Limits::MOST_DOUGH_GRAMS, 'g'),
            $limit->isAbsent() ? null : $limit->at('ingredient')->text(60),
            $limit->isAbsent() ? null : $limit->at('grams')->number(Limits::LEAST_GRAMS, Limits::MOST_GRAMS, 'g'),
        );
    }

    /** Says at the node where the scarce ingredient is none of the formula. */
    public function check(Formula $formula, Node $node): void
    {
        if ($this->limitIngredient !== null && $formula->line($this->limitIngredient) === null) {
            $node->at('limit')->at('ingredient')->refuse('This is not a line of the formula.', 'an ingredient of the formula');
        }
    }

    /** Flour base in grams that this wish comes to, where it can be told without mixing; null for a wish by dough. */
    public function flourBaseGrams(Formula $formula): ?float
    {
        if ($this->flourGrams !== null || $this->limitIngredient === null) {
            return $this->flourGrams;
        }
        $line = $formula->line($this->limitIngredient);
        $perFlour = $line?->percent !== null
            ? $line->percent / 100
            : ($line->grams->likely ?? 0.0) / max(1e-9, $formula->flourBaseGrams() ?? 0.0);

        return (float) $this->limitGrams / max(1e-9, $perFlour);
    }
}
