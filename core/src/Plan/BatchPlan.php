<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use DateTimeInterface;
use StoneMill\Dough\LedgerRow;
use StoneMill\Griddle\Face;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Label\Caution;
use StoneMill\Label\Label;
use StoneMill\Line\Action;
use StoneMill\Line\Timeline;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Packing;
use StoneMill\Shape\Portions;

/** A batch worked out from choice to stack; every number can say why. */
final readonly class BatchPlan
{
    /**
     * @param list<Caution> $cautions
     * @param list<Warning> $warnings
     */
    public function __construct(
        public PlanRequest $request,
        public DoughPlan $dough,
        public Portions $portions,
        public Disc $disc,
        public Packing $packing,
        public TurnPlan $turns,
        public Timeline $line,
        public Label $label,
        public array $cautions,
        public array $warnings,
    ) {
    }

    /** @return array<string, mixed> the document of formats/batch-plan.schema.json */
    public function toArray(): array
    {
        return [
            'style' => ['id' => $this->request->style->id, 'name' => $this->request->style->name],
            'method' => $this->request->method->toArray(),
            'water' => $this->water(),
            'mix' => $this->mix(),
            'ledger' => array_map($this->ledgerRow(...), $this->dough->ledger->rows),
            'binding' => $this->binding(),
            'portion' => $this->portion(),
            'shape' => $this->shape(),
            'griddle' => $this->griddle(),
            'rest' => ['seconds' => $this->request->method->rest->seconds()],
            'stack' => ['seconds' => $this->request->style->stackSeconds, 'after' => $this->request->method->after->value],
            'line' => $this->line(),
            'label' => $this->label->toArray(),
            'cautions' => array_map(static fn (Caution $caution): array => $caution->toArray(), $this->cautions),
            'warnings' => array_map(static fn (Warning $warning): array => $warning->toArray(), $this->warnings),
        ];
    }

    /** @return array<string, mixed> */
    private function water(): array
    {
        $pour = $this->dough->pour;
        $risk = $this->request->water->overshootRisk;
        $flour = $this->dough->ledger->flourBaseGrams;
        $total = Reason::amount('Of all the water', $pour->grams, Unit::Gram);

        return [
            'grams' => $this->dough->waterFigure->toArray(),
            'celsius' => Figure::exact(
                $this->dough->waterCelsius,
                Unit::Celsius,
                Reason::saying($this->waterReason()),
            )->toArray(),
            'first_pour_grams' => Figure::exact(
                $pour->firstGrams,
                Unit::Gram,
                $total,
                Reason::amount('Chance that this is already too much, at most', 100 * $risk, Unit::Percent),
            )->toArray(),
            'reserve_grams' => Figure::exact($pour->reserveGrams, Unit::Gram, $total, Reason::amount('less the first pour', $pour->firstGrams, Unit::Gram))->toArray(),
            'hydration_percent' => Figure::spread(
                Spread::of(100 * $this->dough->waterFigure->low / $flour, 100 * $pour->grams / $flour, 100 * $this->dough->waterFigure->high / $flour),
                Unit::Percent,
                Reason::amount('Added water', $pour->grams, Unit::Gram),
                Reason::amount('on a flour base of', $flour, Unit::Gram),
            )->toArray(),
            'need_deviation_grams' => round($this->dough->ledger->deviationGrams(), 4),
        ];
    }

    private function waterReason(): string
    {
        $water = $this->request->water;

        return match (true) {
            $water->celsius !== null => 'Your own choice.',
            $water->doughCelsius !== null => 'What the dough temperature you want asks for, by the heat of flour, bowl and water.',
            default => 'The school of this formula: '.str_replace('_', ' ', $this->request->method->water->value).'.',
        };
    }

    /** @return array<string, mixed> */
    private function mix(): array
    {
        return [
            'celsius' => Figure::spread(
                Spread::of($this->dough->mixCelsius - 2, $this->dough->mixCelsius, $this->dough->mixCelsius + 2),
                Unit::Celsius,
                Reason::amount('Water', $this->dough->waterCelsius, Unit::Celsius),
                Reason::amount('Flour, bowl and the rest at', $this->request->room->celsius, Unit::Celsius),
                Reason::saying('Heat given equals heat taken, less 4 % of the excess over the room while mixing.'),
            )->toArray(),
            'swollen_share' => Figure::exact(
                $this->dough->ledger->swollenShare(),
                Unit::Share,
                Reason::amount('At a dough temperature of', $this->dough->mixCelsius, Unit::Celsius),
                Reason::saying('Starch swells between its onset and its end; the flour kept in the pot is counted as swollen.'),
            )->toArray(),
            'hand_warm_minutes' => $this->dough->handWarmMinutes->toArray(),
            'knead_seconds' => $this->request->method->knead->seconds(),
        ];
    }

    /** @return array<string, mixed> */
    private function ledgerRow(LedgerRow $row): array
    {
        return [
            'ingredient' => $row->line->ingredient->id,
            'name' => $row->line->ingredient->name,
            'role' => $row->line->ingredient->role->value,
            'lot' => $row->line->lot,
            'grams' => round($row->line->grams, 4),
            'percent' => round($row->percent, 4),
            'takes_grams' => round($row->takesGrams, 4),
            'brings_grams' => round($row->bringsGrams, 4),
            'own_water_grams' => round($row->ownWaterGrams, 4),
            'binding_points' => round($row->bindingPoints, 4),
        ];
    }

    /** @return array<string, mixed> */
    private function binding(): array
    {
        $parts = array_map(
            static fn (LedgerRow $row): Reason => Reason::amount($row->line->ingredient->name, $row->bindingPoints, Unit::Index),
            array_values(array_filter($this->dough->ledger->rows, static fn (LedgerRow $row): bool => $row->bindingPoints > 0)),
        );

        return [
            'index' => Figure::exact($this->dough->ledger->bindingIndex(), Unit::Index, ...$parts)->toArray(),
            'needed' => Figure::exact($this->request->style->bindingNeeded, Unit::Index, Reason::saying('What '.mb_strtolower($this->request->style->name).' needs to be shaped and turned.'))->toArray(),
        ];
    }

    /** @return array<string, mixed> */
    private function portion(): array
    {
        $portions = $this->portions;

        return [
            'mixed_grams' => Figure::exact($portions->mixedGrams, Unit::Gram, Reason::saying('All lines and the water.'))->toArray(),
            'lost_grams' => Figure::spread($portions->lostGrams, Unit::Gram, Reason::saying('What stays on bowl, spoon and hands.'))->toArray(),
            'dough_grams' => Figure::exact(
                $portions->countdown->readingGrams,
                Unit::Gram,
                Reason::amount('Mixed', $portions->mixedGrams, Unit::Gram),
                Reason::amount('less', $portions->lostGrams->likely, Unit::Gram),
                Reason::saying('as the scale shows it.'),
            )->toArray(),
            'piece_grams' => Figure::exact(
                $portions->pieceGrams(),
                Unit::Gram,
                Reason::amount('Dough', $portions->countdown->readingGrams, Unit::Gram),
                Reason::saying(sprintf('in %d equal pieces.', $portions->count)),
            )->toArray(),
            'count' => $portions->count,
            'marks' => $portions->countdown->marks,
            'resolution_grams' => $portions->countdown->resolutionGrams,
        ];
    }

    /** @return array<string, mixed> */
    private function shape(): array
    {
        $cooked = $this->disc->diameterMillimetres * $this->request->style->cookedDiameterFactor;

        return [
            'diameter_mm' => Figure::exact(
                $this->disc->diameterMillimetres,
                Unit::Millimetre,
                Reason::amount('Piece', $this->disc->grams, Unit::Gram),
                Reason::amount('Thickness', $this->disc->thicknessMillimetres, Unit::Millimetre),
                Reason::amount('Dough density', $this->disc->gramsPerMillilitre, Unit::GramPerMillilitre),
            )->toArray(),
            'thickness_mm' => Figure::exact(
                $this->disc->thicknessMillimetres,
                Unit::Millimetre,
                Reason::amount('Usual for this style', $this->request->style->thicknessMillimetres, Unit::Millimetre),
            )->toArray(),
            'cooked_diameter_mm' => Figure::exact($cooked, Unit::Millimetre, Reason::saying('Rounds of this style draw in a little on the griddle.'))->toArray(),
            'uncovered_seconds' => $this->request->style->uncoveredSeconds,
        ];
    }

    /** @return array<string, mixed> */
    private function griddle(): array
    {
        return [
            'surface_celsius' => $this->turns->surfaceCelsius->toArray(),
            'preheat_seconds' => $this->request->style->preheatSeconds,
            'turns' => array_map(static fn (TurnWindow $turn): array => $turn->toArray(), $this->turns->turns),
            'lift' => $this->turns->lift->toArray(),
            'finish' => $this->turns->finish,
            'weight_loss_percent' => $this->turns->weightLossPercent->toArray(),
            'faces' => array_map(static fn (Face $face): array => $face->toArray(), $this->turns->faces),
            'basis' => 'style defaults scaled to heat and thickness',
            'places' => $this->packing->places,
        ];
    }

    /** @return array<string, mixed> */
    private function line(): array
    {
        $ready = $this->request->serveAt;
        $length = (int) round($this->line->readySeconds);
        $starts = $this->line->stageStarts();
        asort($starts);

        return [
            'starts_at' => $ready?->modify("-{$length} seconds")->format(DateTimeInterface::RFC3339),
            'ready_at' => $ready?->format(DateTimeInterface::RFC3339),
            'length_seconds' => $length,
            'hands' => $this->request->hands,
            'stages' => array_map(
                static fn (string $stage, float $at): array => ['stage' => $stage, 'at_seconds' => round($at, 1)],
                array_keys($starts),
                array_values($starts),
            ),
            'actions' => array_map(static fn (Action $action): array => $action->toArray(), $this->line->actions),
        ];
    }
}
