<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\Allergen;
use StoneMill\School\Purpose;

/** Wishes for a bread, and in which of them a plan meets or misses them. */
final readonly class Suitability
{
    /**
     * @param list<Allergen> $without
     * @param list<Obstacle> $obstacles
     */
    public function __construct(
        private ?Purpose $purpose,
        private array $without,
        private ?float $netCarbohydrateMost,
        private ?float $minutesMost,
        private array $obstacles,
    ) {
    }

    /** @return array{list<string>, list<string>} what fits and what is missed, in words */
    public function of(BatchPlan $plan): array
    {
        $fits = [];
        $misses = [];
        foreach ($this->judgements($plan) as [$isMet, $met, $missed]) {
            $isMet ? $fits[] = $met : $misses[] = $missed;
        }

        return [$fits, $misses];
    }

    public static function netCarbohydrate(BatchPlan $plan): float
    {
        return $plan->label->carbohydratePer100GramsRaw() * $plan->portions->pieceGrams() / 100;
    }

    /** Net carbohydrate of a piece, which can say what it rests on. */
    public static function netCarbohydrateFigure(BatchPlan $plan): Figure
    {
        return Figure::exact(
            self::netCarbohydrate($plan),
            Unit::Gram,
            Reason::amount('In 100 g of dough', $plan->label->carbohydratePer100GramsRaw(), Unit::Gram),
            Reason::amount('in a raw piece of', $plan->portions->pieceGrams(), Unit::Gram),
        );
    }

    /** @return list<array{bool, string, string}> */
    private function judgements(BatchPlan $plan): array
    {
        $judged = [];
        if ($this->purpose !== null) {
            $words = $this->purpose->inWords();
            $judged[] = [in_array($this->purpose, $plan->request->style->uses, true), ucfirst("good to $words."), "Not made to $words."];
        }
        foreach ($this->without as $allergen) {
            $judged[] = [! in_array($allergen, $plan->label->allergens, true), "No {$allergen->inWords()}.", "Has {$allergen->inWords()}; it can be swapped."];
        }
        if ($this->netCarbohydrateMost !== null) {
            $text = sprintf('%.0f g net carbohydrate a piece.', self::netCarbohydrate($plan));
            $judged[] = [self::netCarbohydrate($plan) <= $this->netCarbohydrateMost, $text, $text];
        }
        if ($this->minutesMost !== null) {
            $text = sprintf('%.0f minutes from start to table.', $plan->line->timeline->readySeconds / 60);
            $judged[] = [$plan->line->timeline->readySeconds <= 60 * $this->minutesMost, $text, $text];
        }
        foreach ($this->obstacles as $obstacle) {
            $judged[] = [! $obstacle->standsIn($plan), "Works without {$obstacle->inWords()}.", "Wants {$obstacle->inWords()}."];
        }

        return $judged;
    }
}
