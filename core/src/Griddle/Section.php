<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Snapshot;

/** A bake as a picture: depth against time coloured by temperature, what was done when, and what came of it. */
final readonly class Section
{
    public function __construct(private PlannedBake $baked)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
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
            'touches' => array_map(static fn (TurnWindow $window): array => $window->toArray(), $this->baked->touches),
            'stood' => array_map(static fn (TouchState $state): array => $state->toArray(), $this->baked->work->touched),
            'faces' => array_map(static fn (Face $face): array => $face->toArray(), $plan->faces),
            'finish' => $plan->finish,
            'finish_seconds' => $plan->finishSeconds,
            'loss' => $plan->weightLossPercent->toArray(),
            'centre' => $plan->centreCelsius?->toArray(),
            'swollen_share' => $this->swollenShare(),
            'puff' => $this->puff(),
            'words' => (new Judgement($this->baked))->words(),
            'residuals' => ['heat_percent' => round(100 * $residuals->heat, 6), 'water_percent' => round(100 * $residuals->water, 6)],
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

    /** Mean over the thickness of the starch that has swollen; null where the flour's range is not known. */
    private function swollenShare(): ?float
    {
        $swelling = $this->baked->laying->bread->matter->swelling;
        if ($swelling === null) {
            return null;
        }
        $share = 0.0;
        $bake = $this->baked->work->bake;
        $depths = $bake->mesh->layersOf($bake->bread->thicknessMillimetres / 1000);
        $peaks = $bake->peaks();
        foreach ($depths as $layer => $depth) {
            $share += $depth / array_sum($depths) * $swelling->shareAt($peaks[$layer]);
        }

        return round($share, 3);
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
