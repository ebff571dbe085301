<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Document\Figures;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\LearnedKind;

/** How wide and thick a piece is, and how it is carried to the metal. */
final readonly class ShapePart
{
    public function __construct(private BatchPlan $plan)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'diameter_mm' => Figures::json(Figure::exact(
                $this->plan->disc->diameterMillimetres,
                Unit::Millimetre,
                Reason::amount($this->plan->piece->stuffed === null ? 'Piece' : 'Piece with its filling', $this->plan->disc->grams, Unit::Gram),
                Reason::amount('Thickness', $this->plan->disc->thicknessMillimetres, Unit::Millimetre),
                Reason::amount('Dough density', $this->plan->disc->gramsPerMillilitre, Unit::GramPerMillilitre),
            )),
            'thickness_mm' => Figures::json(Figure::exact(
                $this->plan->disc->thicknessMillimetres,
                Unit::Millimetre,
                Reason::amount('Usual for this style', $this->plan->request->style->thicknessMillimetres, Unit::Millimetre),
                ...$this->thickerForPurpose(),
                ...$this->thickerForFilling(),
                ...$this->plan->said(LearnedKind::Thickness),
            )),
            'cooked_diameter_mm' => Figures::json(Figure::exact($this->plan->cookedDiameterMillimetres(), Unit::Millimetre, Reason::saying('Rounds of this style draw in a little on the griddle.'))),
            'uncovered_seconds' => $this->plan->request->style->uncoveredSeconds,
            'stuffed' => $this->plan->piece->stuffed === null ? null : (new StuffedPart($this->plan->piece->stuffed))->json(),
            'carry' => (new CarryingPart($this->plan->carrying))->json(),
            'length_share' => round($this->plan->request->pieces->oblong->lengthShare, 4),
            'width_share' => round($this->plan->request->pieces->oblong->widthShare, 4),
        ];
    }

    /** @return list<Reason> */
    private function thickerForPurpose(): array
    {
        $purpose = $this->plan->request->purpose;
        $wished = $this->plan->request->wishedThicknessMillimetres();

        return $purpose === null || abs($wished - $this->plan->request->style->thicknessMillimetres) < 0.01 || $this->plan->request->pieces->thicknessMillimetres !== null
            ? [] : [Reason::amount('To '.$purpose->inWords(), $wished, Unit::Millimetre)];
    }

    /** @return list<Reason> why a filled bread is thicker than its kind */
    private function thickerForFilling(): array
    {
        $stuffed = $this->plan->piece->stuffed;

        return $stuffed === null ? [] : [
            Reason::amount('Filling in it', $stuffed->fillingGrams, Unit::Gram),
            Reason::amount('Thinnest at which its wall still holds', $stuffed->leastThicknessMillimetres(), Unit::Millimetre),
        ];
    }
}
