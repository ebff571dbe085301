<?php

declare(strict_types=1);

namespace StoneMill\Document\Record;

use StoneMill\Line\Step;
use StoneMill\Record\GriddleLog;
use StoneMill\Record\GriddlePiece;
use StoneMill\Record\LogTime;
use StoneMill\Record\Probe;
use StoneMill\Record\TouchReasons;
use StoneMill\Record\TouchSigns;

/** Who lies where on the griddle, how the touches were kept, and what hands do next. */
final readonly class GriddleNowPart
{
    /** @param list<Step> $steps all that is still to be done */
    public function __construct(private GriddleLog $griddle, private array $steps)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $plan = $this->griddle->plan;
        $since = $this->griddle->since();
        [$empty, $underBread] = array_map(static fn (?float $celsius): ?float => $celsius === null ? null : round($celsius, 1), $this->griddle->meanReadings());
        $kept = $this->griddle->kept();
        $hotUntil = $this->griddle->hotUntil($this->steps);

        return [
            'since' => $since === null ? null : LogTime::format($since),
            'paused_at' => $this->griddle->pausedAt === null ? null : LogTime::format($this->griddle->pausedAt),
            'pieces' => array_map($this->piece(...), $this->griddle->onGriddle()),
            'lifted' => $this->griddle->lifted(),
            'to_lay' => $this->griddle->toLay(),
            'steps' => array_map(self::step(...), $this->steps),
            'reasons' => TouchReasons::of($plan->touches),
            'signs' => TouchSigns::of($plan->touches, $plan->thicknessMillimetres, $plan->isPoured(), $plan->rises()),
            'pace' => $this->griddle->pace()->inWords(),
            'kept' => [...$kept->counts, 'worst' => $kept->worst],
            'probe' => $this->probe($this->griddle->probe(), $plan->wantedCentreCelsius),
            'read' => ['empty' => $empty, 'under_bread' => $underBread],
            'before' => $since === null ? $this->griddle->beforeTheFirst() : null,
            'surface' => $this->griddle->surface === null ? null : ['celsius' => $this->griddle->surface[0], 'at' => LogTime::format($this->griddle->surface[1])],
            'hot_until' => $hotUntil === null ? null : LogTime::format($hotUntil),
            'served_after_seconds' => round($this->griddle->servedAfterSeconds($this->steps), 1),
        ];
    }

    /** @return array<string, mixed> the same with its steps as rows, without the names of their fields */
    public function forTablet(): array
    {
        return [...$this->json(), 'steps' => array_map(static fn (Step $step): array => array_values(self::step($step)), $this->steps)];
    }

    /** @return array<string, mixed> */
    private function piece(GriddlePiece $piece): array
    {
        return [
            'piece' => $piece->piece,
            'place' => $piece->place,
            'laid_at' => LogTime::format($piece->laidAt),
            'touched_at' => LogTime::format($piece->lastTouchedAt),
            'touches' => $piece->touches,
            'touches_planned' => count($this->griddle->plan->touches),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step): array
    {
        return [
            'action' => $step->action->value,
            'piece' => $step->piece,
            'place' => $step->place,
            'touch' => $step->touch,
            'at' => round($step->at, 1),
            'from' => round($step->from, 1),
            'to' => $step->to === null ? null : round($step->to, 1),
            'shape_from' => $step->shapeFrom === null ? null : round($step->shapeFrom, 1),
        ];
    }

    /** @return array<string, mixed>|null */
    private function probe(?Probe $probe, ?float $wanted): ?array
    {
        return $probe === null || $wanted === null ? null : [
            'piece' => $probe->piece,
            'celsius' => $probe->celsius,
            'wanted_celsius' => $wanted,
            'done' => $probe->isDone($wanted),
            'wait_seconds' => round($probe->waitSeconds($wanted)),
            'words' => $probe->inWords($wanted),
        ];
    }
}
