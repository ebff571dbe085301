<?php

declare(strict_types=1);

namespace StoneMill\Swap;

use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\Allergen;
use StoneMill\Pantry\Ingredient;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\GivenRequest;

/** One way to replace a line: the new request, what it comes to, and what will be different. */
final readonly class SwapOption
{
    private const NOT_AT_HAND = 60.0;

    private const OTHER_FAMILY = 12.0;

    private const NEW_ALLERGEN = 15.0;

    private const WARNING = 10.0;

    /** How far off in distance one gram of difference in 100 g makes an ingredient. */
    private const GRAM = 0.2;

    public float $distance;

    /**
     * @param GivenRequest $given the plan request with the swap in it
     */
    public function __construct(
        private SwapRequest $swap,
        private BatchPlan $before,
        public BatchPlan $after,
        private Ingredient $old,
        public Ingredient $new,
        public GivenRequest $given,
        public ?HelpingBinder $helper,
    ) {
        $this->distance = self::distanceOf($old, $new, $swap)
            + self::WARNING * max(0, count($after->warnings) - count($before->warnings));
    }

    /** How unlike two ingredients are, with what is not at hand put behind. Planning estimate, for order only. */
    public static function distanceOf(Ingredient $old, Ingredient $new, SwapRequest $swap): float
    {
        $a = $old->composition;
        $b = $new->composition;
        $gained = array_filter($new->allergens, static fn (Allergen $allergen): bool => ! in_array($allergen, $old->allergens, true));

        return self::GRAM * (abs($a->proteinGrams - $b->proteinGrams) + abs($a->fatGrams - $b->fatGrams)
                + abs($a->carbohydrateGrams - $b->carbohydrateGrams) + abs($a->fibreGrams - $b->fibreGrams))
            + ($old->family === $new->family ? 0.0 : self::OTHER_FAMILY)
            + self::NEW_ALLERGEN * count($gained)
            + ($swap->isAtHand($new->id) ? 0.0 : self::NOT_AT_HAND);
    }

    /** Of the flour base, in %. */
    public function percent(): float
    {
        return Lines::ofPlan($this->after)->percentOf($this->new->id);
    }

    public function isAtHand(): bool
    {
        return $this->swap->isAtHand($this->new->id);
    }

    /** @return list<Reason> what will be different */
    public function differences(): array
    {
        $says = static fn (string $text, ?float $value = null, Unit $unit = Unit::Point): Reason => $value === null ? Reason::saying($text) : Reason::amount($text, $value, $unit);
        $differences = [$says($this->new->note)];
        if ($this->helper !== null) {
            $more = $this->helper->percent > 0;
            $differences[] = $says(sprintf('%s %s keeps the hold even, in %% of flour', $more ? 'More' : 'Less', lcfirst($this->helper->name)), abs($this->helper->percent), Unit::Percent);
        }
        $water = $this->after->dough->hydrationPercent() - $this->before->dough->hydrationPercent();
        if (abs($water) >= 1) {
            $differences[] = $says($water > 0 ? 'Wants more water' : 'Wants less water', $water, Unit::Point);
        }
        foreach ($this->after->label->allergensBeyond($this->before->label) as $allergen) {
            $differences[] = $says("Brings {$allergen->inWords()}.");
        }
        foreach ($this->before->label->allergensBeyond($this->after->label) as $allergen) {
            $differences[] = $says("Without {$allergen->inWords()}.");
        }
        if ($this->before->label->gluten !== $this->after->label->gluten) {
            $differences[] = $says($this->after->label->gluten->inWords().'.');
        }
        $hold = $this->after->dough->ledger->bindingIndex() - $this->before->dough->ledger->bindingIndex();
        if (abs($hold) > 1) {
            $differences[] = $says($hold > 0 ? 'Holds better' : 'Holds less', $hold, Unit::Index);
        }

        return $differences;
    }
}
