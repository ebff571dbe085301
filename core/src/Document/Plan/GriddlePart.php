<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Document\Figures;
use StoneMill\Document\TurnRows;
use StoneMill\Griddle\Face;
use StoneMill\Griddle\FinishRound;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\LearnedKind;

/** Heat, touches, finish and faces on the griddle. */
final readonly class GriddlePart
{
    public function __construct(private BatchPlan $plan)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'surface_celsius' => Figures::json($this->plan->turns->surfaceCelsius),
            'done_celsius' => $this->plan->turns->doneCelsius,
            'stride' => $this->stride(),
            'tool' => ['id' => $this->plan->request->gear->griddleId, 'setting' => $this->plan->request->setting()?->name, 'celsius' => round($this->plan->request->surfaceCelsius(), 1)],
            'preheat_seconds' => (int) round($this->plan->request->preheatSeconds()),
            'turns' => array_map(TurnRows::touch(...), $this->plan->turns->turns),
            'lift' => TurnRows::touch($this->plan->turns->lift),
            'finish' => $this->plan->turns->finish->value,
            'finish_seconds' => $this->plan->turns->finishSeconds,
            'finish_rounds' => array_map(static fn (FinishRound $round): array => ['what' => $round->what->value, 'seconds' => (int) round($round->seconds)], $this->plan->turns->rounds),
            'finish_holds' => $this->plan->request->gear->ovenHolds($this->plan->disc->diameterMillimetres, $this->plan->request->pieces->oblong),
            'oven_celsius' => $this->plan->request->gear->oven->air($this->plan->request->room->celsius)->ovenCelsius,
            'weight_loss_percent' => Figures::json($this->plan->turns->weightLossPercent),
            'faces' => array_map(fn (Face $face): array => TurnRows::face($face, ...$this->plan->said(LearnedKind::Colour)), $this->plan->turns->faces),
            'basis' => $this->plan->turns->basis,
            'centre_celsius' => Figures::orNull($this->plan->turns->centreCelsius),
            'places' => $this->plan->packing->places,
            'pans_mm' => $this->plan->request->gear->usesPans() ? $this->plan->request->gear->panMillimetres : null,
        ];
    }

    /** @return array<string, mixed>|null load after load; null for what never lies on the hob */
    private function stride(): ?array
    {
        $stride = $this->plan->turns->stride;

        return $stride === null ? null : [
            'wanted_celsius' => round($stride->wantedCelsius, 1),
            'bare_celsius' => round($stride->bareCelsius, 1),
            'place_celsius' => round($stride->laidCelsius, 1),
            'flame_times' => round($stride->flameTimes($this->plan->request->room->celsius), 2),
            'holds' => $stride->holds(),
            // A cook who names times means the clock.
            'first_share' => $this->plan->request->griddle->own === null ? round($stride->firstShare, 3) : 1.0,
        ];
    }
}
