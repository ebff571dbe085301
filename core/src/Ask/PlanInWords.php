<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Dough\LedgerRow;
use StoneMill\Griddle\Face;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Line\Clock;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Warning;
use StoneMill\School\Finish;

/** A batch plan as a cook would read it out, for a terminal: the acts in their order, each with its number. */
final readonly class PlanInWords
{
    public function __construct(private BatchPlan $plan)
    {
    }

    /** @return list<string> sentences */
    public function lines(): array
    {
        return [
            $this->plan->request->style->name.'.',
            $this->measure(),
            $this->water(),
            $this->pieces(),
            $this->griddle(),
            $this->comesOut(),
            ...array_map(static fn (Warning $warning): string => 'Mind: '.$warning->text, $this->plan->warnings),
        ];
    }

    private function measure(): string
    {
        $lines = array_map(
            static fn (LedgerRow $row): string => sprintf('%s g %s', self::grams($row->line->grams), $row->line->ingredient->name),
            $this->plan->dough->ledger->rows,
        );

        return 'Weigh '.implode(', ', $lines).'.';
    }

    private function water(): string
    {
        $pour = $this->plan->dough->pour;

        return sprintf(
            'Water at %.0f °C: pour %s g first, keep %s g by. The dough comes to %.0f °C.',
            $this->plan->dough->waterCelsius,
            self::grams($pour->firstGrams),
            self::grams($pour->reserveGrams),
            $this->plan->dough->mixCelsius,
        );
    }

    private function pieces(): string
    {
        $disc = $this->plan->disc;

        return sprintf('%d pieces of %.0f g, %.0f mm wide and %.1f mm thick.', $this->plan->portions->count, $this->plan->portions->pieceGrams(), $disc->diameterMillimetres, $disc->thicknessMillimetres);
    }

    private function griddle(): string
    {
        $turns = $this->plan->turns;
        $touches = array_map(static fn (TurnWindow $touch): string => sprintf('%s at %s', $touch->action->value, Clock::minutes($touch->atSeconds)), $turns->touches());
        $finish = $turns->finishSeconds > 0 ? sprintf(', then %s %s', Clock::minutes($turns->finishSeconds), match ($turns->finish) {
            Finish::Flame => 'on the flame',
            Finish::Oven => 'in the oven',
            default => 'under the broiler and in the oven',
        }) : '';

        return sprintf('Griddle at %.0f °C: %s%s.', $turns->surfaceCelsius->value, implode(', ', $touches), $finish);
    }

    private function comesOut(): string
    {
        return sprintf(
            'It loses %.0f %% of its weight; %s.',
            $this->plan->turns->weightLossPercent->value,
            implode(', ', array_map(static fn (Face $face): string => sprintf('%s face %s', $face->name, $face->inWords()), $this->plan->turns->faces)),
        );
    }

    private static function grams(float $grams): string
    {
        return $grams < 20 ? sprintf('%.1f', $grams) : sprintf('%.0f', $grams);
    }
}
