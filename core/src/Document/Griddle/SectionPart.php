<?php

declare(strict_types=1);

namespace StoneMill\Document\Griddle;

use StoneMill\Bake\Snapshot;
use StoneMill\Document\Figures;
use StoneMill\Document\TurnRows;
use StoneMill\Griddle\Face;
use StoneMill\Griddle\Judgement;
use StoneMill\Griddle\PlannedBake;
use StoneMill\Griddle\TouchState;

/** A bake as a picture: depth against time coloured by temperature, what was done when, and what came of it. */
final readonly class SectionPart
{
    public function __construct(private PlannedBake $baked)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $bake = $this->baked->work->bake;
        $moments = $bake->recorder->moments();
        $plan = $this->baked->plan();
        $residuals = $bake->residuals();

        return [
            'surface_celsius' => $this->baked->laying->surfaceCelsius(),
            'thickness_mm' => round($this->baked->laying->thicknessMillimetres(), 3),
            'school' => $this->baked->laying->school->value,
            'seconds' => round($bake->secondsOn(), 1),
            'lifted_at_seconds' => round($this->baked->liftedAtSeconds, 1),
            'layer_edges' => $this->layerEdges(),
            'times' => self::column($moments, static fn (Snapshot $moment): float => $moment->seconds),
            'celsius' => array_map(static fn (Snapshot $moment): array => array_map(static fn (float $celsius): float => round($celsius, 1), $moment->profile), $moments),
            'face_celsius' => [
                self::column($moments, static fn (Snapshot $moment): float => $moment->firstFaceCelsius),
                self::column($moments, static fn (Snapshot $moment): float => $moment->otherFaceCelsius),
            ],
            'centre_celsius' => self::column($moments, static fn (Snapshot $moment): float => $moment->centreCelsius),
            'metal_celsius' => self::column($moments, static fn (Snapshot $moment): float => $moment->metalCelsius),
            'weight_loss_percent' => self::column($moments, static fn (Snapshot $moment): float => 100 * $moment->lossShare),
            'touches' => array_map(TurnRows::touch(...), $this->baked->touches),
            'stood' => array_map(self::stood(...), $this->baked->work->touched),
            'faces' => array_map(static fn (Face $face): array => TurnRows::face($face), $plan->faces),
            'finish' => $plan->finish->value,
            'finish_seconds' => $plan->finishSeconds,
            'loss' => Figures::json($plan->weightLossPercent),
            'centre' => Figures::orNull($plan->centreCelsius),
            'swollen_share' => self::share($this->baked->swollenShare()),
            'puff' => $this->puff(),
            'words' => (new Judgement($this->baked))->words(),
            'residuals' => ['heat_percent' => round(100 * $residuals->heat, 6), 'water_percent' => round(100 * $residuals->water, 6)],
        ];
    }

    /** @return array<string, mixed> */
    private static function stood(TouchState $state): array
    {
        return [
            'action' => $state->action->value,
            'at_seconds' => round($state->seconds, 1),
            'shade_below' => round($state->shadeBelow, 3),
            'centre_celsius' => round($state->centreCelsius, 1),
            'weight_loss_percent' => round(100 * $state->lossShare, 2),
        ];
    }

    /** @return list<float> borders of the layers as shares of the thickness */
    private function layerEdges(): array
    {
        $bake = $this->baked->work->bake;
        $edges = [0.0];
        $depths = $bake->mesh->layersOf($bake->bread->thicknessMillimetres / 1000);
        $from = 0.0;
        foreach ($depths as $depth) {
            $from += $depth / array_sum($depths);
            $edges[] = round($from, 5);
        }

        return $edges;
    }

    private static function share(?float $share): ?float
    {
        return $share === null ? null : round($share, 3);
    }

    /** @return array{from_seconds: float, to_seconds: float, puffed: bool}|null when a press would have made it puff */
    private function puff(): ?array
    {
        $work = $this->baked->work;

        return $work->puffFromSeconds === null || $work->puffToSeconds === null ? null : [
            'from_seconds' => round($work->puffFromSeconds, 1),
            'to_seconds' => round($work->puffToSeconds, 1),
            'puffed' => $work->bake->isPuffed(),
        ];
    }

    /**
     * @param list<Snapshot> $moments
     * @param callable(Snapshot): float $value
     * @return list<float>
     */
    private static function column(array $moments, callable $value): array
    {
        return array_map(static fn (Snapshot $moment): float => round($value($moment), 1), $moments);
    }
}
