<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Batch;
use DateTimeImmutable;
use StoneMill\Dough\FeelGrade;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\School\ActionKind;
use StoneMill\School\Stage;
use StoneMill\School\Symptom;

/** The log of one demo batch while it is being made up. */
final class DemoLog
{
    /** The metal is read under load once so many are laid. */
    private const READ_AFTER = 3;

    /** @var list<BatchEvent> */
    public array $events = [];

    public function __construct(private readonly string $name, private readonly DateTimeImmutable $start)
    {
    }

    public function enter(string $stage, float $minute): void
    {
        $this->add(EventKind::Entered, $minute, ['stage' => Stage::from($stage)]);
    }

    /** @param array{stage?: Stage, ingredient?: string, grams?: float, waterGrams?: float, flourGrams?: float, grade?: FeelGrade, celsius?: float, diameterMillimetres?: float, pieces?: int, piece?: int, place?: int|null, symptom?: Symptom, cause?: string, text?: string} $fields */
    public function add(EventKind $kind, float $minute, array $fields = []): void
    {
        $id = DemoKitchen::uuid($this->name.' event '.count($this->events));
        $this->events[] = new BatchEvent($id, $kind, LogTime::later($this->start, 60 * $minute), ...$fields);
    }

    /** Counts the scale down by its marks, now and then a gram off; an uneven hand is off by more, and slower. */
    public function countDown(BatchState $fresh, BatchState $mixed, float $minute, float $keptShare, bool $isUneven): void
    {
        $plan = $fresh->portions();
        $reading = floor($mixed->bowl()->doughGrams() * (1 - $keptShare));
        $this->add(EventKind::ScaleSet, $minute, ['grams' => $reading, 'pieces' => $plan->count]);
        for ($left = $plan->count; $left > 0; $left--) {
            $off = $left === 1 ? 0 : ($isUneven ? [3, -2, 1, -3][$left % 4] : ($left % 4 === 0 ? 1 : 0));
            $next = round($reading * ($left - 1) / $left) + $off;
            $this->add(EventKind::Portioned, $minute + ($isUneven ? 0.22 : 0.15) * ($plan->count - $left + 1), ['grams' => $next]);
            $reading = $next;
        }
    }

    /**
     * Lays, turns and lifts as the plan's line says, the first turns so many seconds late; with bread on it the metal is read once.
     *
     * @param float $calledAway minutes that the cook is away after the first few pieces, which the later ones wait on the board
     */
    public function cook(Batch $batch, float $minute, int $lateSeconds, float $celsius, float $calledAway = 0.0): void
    {
        $first = null;
        $laid = 0;
        foreach ($batch->document()->line()->actions as $action) {
            $kind = match ($action->kind) {
                ActionKind::Lay => EventKind::Laid,
                ActionKind::Turn, ActionKind::Press => EventKind::Turned,
                ActionKind::Lift => EventKind::Lifted,
                default => null,
            };
            if ($kind === null || $action->piece === null) {
                continue;
            }
            $first ??= $action->atSeconds;
            $late = $kind === EventKind::Laid ? 0 : $lateSeconds;
            $fields = $kind === EventKind::Laid ? ['piece' => $action->piece, 'place' => $action->place] : ['piece' => $action->piece];
            $at = $minute + ($action->atSeconds - $first + $late) / 60 + ($action->piece > self::READ_AFTER ? $calledAway : 0.0);
            $this->add($kind, $at, $fields);
            if ($kind === EventKind::Laid && ++$laid === self::READ_AFTER) {
                $this->add(EventKind::SurfaceTaken, $at + 0.05, ['celsius' => $celsius]);
            }
        }
    }
}
