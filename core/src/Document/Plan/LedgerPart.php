<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Document\Figures;
use StoneMill\Dough\AddingOrder;
use StoneMill\Dough\LedgerRow;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Plan\DoughPlan;
use StoneMill\Plan\PlanRequest;

/** What each line takes and brings, and what holds the dough together. */
final readonly class LedgerPart
{
    public function __construct(private PlanRequest $request, private DoughPlan $dough)
    {
    }

    /** @return array<string, mixed> */
    private function ledgerRow(LedgerRow $row): array
    {
        $millilitres = $row->line->grams / $row->line->ingredient->spoonDensity();
        $volume = $this->request->measured($millilitres);

        return [
            'ingredient' => $row->line->ingredient->id,
            'name' => $row->line->ingredient->name,
            'role' => $row->line->ingredient->role->value,
            'lot' => $row->line->lot,
            'goes_in' => ($this->request->formula->line($row->line->ingredient->id)?->way() ?? AddingOrder::usual($row->line->ingredient))->value,
            'grams' => round($row->line->grams, 4),
            'millilitres' => round($millilitres, 4),
            'volume' => ['amount' => round($volume->amount, 4), 'unit' => $volume->unit->value],
            'spoons' => $this->request->dipped($row->line->grams, $row->line->ingredient->spoonDensity()),
            'pot_grams' => $row->line->ingredient->role->isFlourBase() ? round($this->request->potShare() * $row->line->grams, 4) : 0.0,
            'percent' => round($row->percent, 4),
            'takes_grams' => round($row->takesGrams, 4),
            'brings_grams' => round($row->bringsGrams, 4),
            'own_water_grams' => round($row->ownWaterGrams, 4),
            'binding_points' => round($row->bindingPoints, 4),
        ];
    }

    /** @return array<string, mixed> */
    public function binding(): array
    {
        $need = $this->dough->bindingNeed;
        $parts = array_map(
            static fn (LedgerRow $row): Reason => Reason::amount($row->line->ingredient->name, $row->bindingPoints, Unit::Index),
            array_values(array_filter($this->dough->ledger->rows, static fn (LedgerRow $row): bool => abs($row->bindingPoints) > 1e-9)),
        );
        $needs = [Reason::amount('What '.mb_strtolower($this->request->style->name).' needs to be shaped and turned', $need->forStyle, Unit::Index)];
        if ($need->forShape !== 0.0) {
            $needs[] = Reason::amount('This way of shaping asks for', $need->forShape, Unit::Index);
        }
        if ($need->forPurpose > 0) {
            $needs[] = Reason::amount('To '.($this->request->purpose?->inWords() ?? 'serve').' asks for', $need->forPurpose, Unit::Index);
        }

        return [
            'index' => Figures::json(Figure::exact($this->dough->ledger->bindingIndex(), Unit::Index, ...$parts)),
            'needed' => Figures::json(Figure::exact($need->index, Unit::Index, ...$needs)),
            'gummy_above' => $this->request->style->gummyAbove,
        ];
    }

    /** @return list<array<string, mixed>> */
    public function rows(): array
    {
        return array_map($this->ledgerRow(...), $this->dough->ledger->rows);
    }
}
