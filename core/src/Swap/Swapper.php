<?php

declare(strict_types=1);

namespace StoneMill\Swap;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Pantry\Family;
use StoneMill\Pantry\GlutenNature;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\Plan\RequestChange;

/**
 * Replaces one line of a formula by something else at equal binding and feel: the hold is made even with a binder, the
 * water is found anew, allergens and label are told again.
 */
final readonly class Swapper
{
    /** Close ones that are planned to the end; the others are further off by family and composition. */
    private const PLANNED = 12;

    private const SHOWN = 8;

    /** Points of binding that hands do not tell apart. */
    private const EVEN_POINTS = 0.3;

    /** Less binder than this more or less, in % of flour, is not worth a word. */
    private const TOLD_PERCENT = 0.15;

    private const ROUNDS = 4;

    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * @throws InvalidInput If anything in the document breaks the contract.
     */
    public function answer(mixed $document): Swapped
    {
        $swap = SwapRequest::read($document, $this->reference);
        $before = $this->planner->plan($swap->request);
        $old = $swap->request->catalogue->ingredient($swap->replace);
        $options = array_values(array_filter(array_map(
            fn (Ingredient $new): ?SwapOption => $this->option($swap, $before, $old, $new),
            $this->candidates($swap, $old),
        )));
        usort($options, static fn (SwapOption $a, SwapOption $b): int => [$a->distance, $a->new->id] <=> [$b->distance, $b->new->id]);

        return new Swapped($old, Lines::ofPlan($before)->percentOf($old->id), array_slice($options, 0, self::SHOWN));
    }

    /** @return list<Ingredient> the closest ones that can stand in at all */
    private function candidates(SwapRequest $swap, Ingredient $old): array
    {
        $class = StandIn::of($old);
        $can = array_values(array_filter(
            $swap->request->catalogue->all(),
            static fn (Ingredient $new): bool => $new->id !== $old->id
                && StandIn::of($new) === $class
                && $class->ratio($old, $new) !== null
                && $new->gluten !== GlutenNature::ContainsWheat
                && ! $new->carriesAnyOf($swap->without),
        ));
        usort($can, fn (Ingredient $a, Ingredient $b): int => [SwapOption::distanceOf($old, $a, $swap), $a->id] <=> [SwapOption::distanceOf($old, $b, $swap), $b->id]);

        return array_slice($can, 0, self::PLANNED);
    }

    private function option(SwapRequest $swap, BatchPlan $before, Ingredient $old, Ingredient $new): ?SwapOption
    {
        try {
            $lines = Lines::ofPlan($before)->replacing($old->id, $new->id, StandIn::of($old)->ratio($old, $new) ?? 1.0);
            $evened = $this->evened($swap, $before, $lines, $new);

            return new SwapOption($swap, $before, $evened->plan, $old, $new, $evened->given, $evened->helper);
        } catch (InvalidInput) {
            // What cannot be planned in this formula is no option for it.
            return null;
        }
    }

    /** Makes up lost hold, or takes back what is too much, with the formula's own gum or gel, or with psyllium. */
    private function evened(SwapRequest $swap, BatchPlan $before, Lines $lines, Ingredient $new): EvenedSwap
    {
        $helper = $this->helper($swap, $before, $new);
        $had = $lines->percentOf($helper->id);
        for ($round = 0; ; $round++) {
            $given = self::withLines($swap->given, $lines);
            $after = $this->planner->plan($given->read($this->reference));
            $lacks = $before->dough->ledger->bindingIndex() - $after->dough->ledger->bindingIndex();
            $has = $lines->percentOf($helper->id);
            $wanted = max(0.0, $has + $lacks / $helper->coldBinding);
            if ($round === self::ROUNDS || abs($lacks) < self::EVEN_POINTS || abs($wanted - $has) < 1e-6) {
                return new EvenedSwap($given, $after, $helper->id === $new->id || abs($has - $had) < self::TOLD_PERCENT ? null : new HelpingBinder($helper->name, $has - $had));
            }
            $lines = $lines->withPercent($helper->id, $wanted);
        }
    }

    private function helper(SwapRequest $swap, BatchPlan $before, Ingredient $new): Ingredient
    {
        $best = null;
        $most = 0.0;
        foreach ($before->dough->ledger->rows as $row) {
            $line = $row->line->ingredient;
            if ($line->role === Role::Binder && $line->id !== $swap->replace && $line->id !== $new->id && $row->bindingPoints > $most) {
                [$best, $most] = [$line, $row->bindingPoints];
            }
        }

        return $best ?? match (true) {
            // A binder that is swapped evens itself out through its own amount.
            $new->family === Family::Gum || $new->family === Family::Gel => $new,
            default => $swap->request->catalogue->ingredient(Lines::USUAL_BINDER),
        };
    }

    /** The lines take the place of all but the water that was written among them. */
    private static function withLines(GivenRequest $given, Lines $lines): GivenRequest
    {
        return $given->with(RequestChange::lines([...$lines->toRequest(), ...$given->waterLines()]));
    }
}
