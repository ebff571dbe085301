<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\School\Stage;
use StoneMill\Shape\Portions;

/** Everything that the record changed in a plan, in the order of the work, each with what it says and what would hold without it. */
final readonly class LearnedNotes
{
    public function __construct(private BatchPlan $plan)
    {
    }

    /** @return list<LearnedNote> */
    public function all(): array
    {
        return [...$this->water(), ...$this->heat(), ...$this->hands()];
    }

    /** @return list<LearnedNote> */
    private function water(): array
    {
        $points = $this->plan->dough->known->pointsOfBags();

        return array_map(fn (KnownBag $bag): LearnedNote => new LearnedNote(
            "lots.{$bag->line->lot}.water", Stage::Water, $bag->line->ingredient->name.': '.lcfirst($bag->inWords()).'.', $this->waterWithout($points[$bag->line->lot] ?? 0.0),
        ), $this->plan->dough->known->bags);
    }

    /** Of what is learned each part is added to what the dough needs, so each can be taken away alone; where so much dough is wanted, flour takes its place. */
    private function waterWithout(float $points): string
    {
        [$ledger, $needed] = [$this->plan->dough->ledger, $this->plan->dough->need->grams()];
        $share = $needed / $ledger->flourBaseGrams - $points / 100;
        $flour = $this->plan->request->keepsFlour() ? $ledger->flourBaseGrams : ($ledger->dryGrams() + $needed) / ($ledger->dryGrams() / $ledger->flourBaseGrams + $share);

        return sprintf('Without it: %.0f g of water.', $flour * $share);
    }

    /** @return list<LearnedNote> */
    private function heat(): array
    {
        $request = $this->plan->request;
        $setting = $request->setting();
        if ($setting === null || $request->griddle->surfaceCelsius !== null) {
            return [];
        }

        return [new LearnedNote('gear.griddle.settings', Stage::Griddle, $setting->inWords(), sprintf('Without it: %.0f °C, as is usual for this bread.', $request->style->baking->surfaceCelsius->likely))];
    }

    /** @return list<LearnedNote> */
    private function hands(): array
    {
        $said = [];
        foreach (LearnedKind::cases() as $kind) {
            $learned = $this->plan->request->experience->of($kind);
            if ($learned !== null && ($kind !== LearnedKind::Heat || $this->plan->dough->known->isScalded())) {
                $said[] = new LearnedNote("learned.$kind->value", $kind->stage(), $kind->inWords($learned), $this->without($kind));
            }
        }

        return $said;
    }

    private function without(LearnedKind $kind): string
    {
        $request = $this->plan->request;

        return match ($kind) {
            LearnedKind::Feel, LearnedKind::Heat => $this->waterWithout($this->plan->dough->known->pointsOf($kind)),
            LearnedKind::Thickness => sprintf('Without it: %.1f mm.', $request->pieces->thicknessMillimetres ?? $request->style->thicknessMillimetres),
            LearnedKind::Evenness => 'Without it: pieces as even as the scale.',
            LearnedKind::BowlLoss => sprintf('Without it: %.1f %%, as is usual.', 100 * Portions::usualLoss()->likely),
            LearnedKind::Colour => 'Without it: as readily as its kind.',
            LearnedKind::WeightLoss => sprintf('Without it: %.1f %%.', $this->plan->turns->weightLossPercent->value - ($request->experience->of($kind)->value ?? 0.0)),
            LearnedKind::Sag => 'Without it: the flame is taken to hold the heat of its setting.',
            LearnedKind::Portion, LearnedKind::Shape => 'Without it: the usual pace.',
        };
    }
}
