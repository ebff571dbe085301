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
use StoneMill\School\Stage;

/** The log of one demo batch while it is being made up. */
final class DemoLog
{
    /** @var list<BatchEvent> */
    public array $events = [];

    public function __construct(private readonly string $name, private readonly DateTimeImmutable $start)
    {
    }

    public function enter(string $stage, float $minute): void
    {
        $this->add(EventKind::Entered, $minute, ['stage' => Stage::from($stage)]);
    }

    /** @param array{stage?: Stage, ingredient?: string, grams?: float, waterGrams?: float, flourGrams?: float, grade?: FeelGrade, pieces?: int, piece?: int, place?: int|null} $fields */
    public function add(EventKind $kind, float $minute, array $fields = []): void
    {
        $id = DemoKitchen::uuid($this->name.' event '.count($this->events));
        $this->events[] = new BatchEvent($id, $kind, LogTime::later($this->start, 60 * $minute), ...$fields);
    }

    /** Counts the scale down by its marks, now and then a gram off. */
    public function countDown(BatchState $fresh, BatchState $mixed, float $minute): void
    {
        $plan = $fresh->portions();
        $reading = floor($mixed->bowl()->doughGrams() * 0.985);
        $this->add(EventKind::ScaleSet, $minute, ['grams' => $reading, 'pieces' => $plan->count]);
        for ($left = $plan->count; $left > 0; $left--) {
            $next = round($reading * ($left - 1) / $left) + ($left > 1 && $left % 4 === 0 ? 1 : 0);
            $this->add(EventKind::Portioned, $minute + 0.2 * ($plan->count - $left + 1), ['grams' => $next]);
            $reading = $next;
        }
    }

    /** Lays, turns and lifts as the plan's line says, the first turns so many seconds late. */
    public function cook(Batch $batch, float $minute, int $lateSeconds): void
    {
        /** @var array{line: array{actions: list<array{kind: string, at_seconds: float, piece: int|null, place: int|null}>}} $plan */
        $plan = $batch->plan;
        $kinds = ['lay' => EventKind::Laid, 'turn' => EventKind::Turned, 'press' => EventKind::Turned, 'lift' => EventKind::Lifted];
        $first = null;
        foreach ($plan['line']['actions'] as $action) {
            if (! isset($kinds[$action['kind']]) || $action['piece'] === null) {
                continue;
            }
            $first ??= $action['at_seconds'];
            $late = $action['kind'] === 'lay' ? 0 : $lateSeconds;
            $fields = $action['kind'] === 'lay' ? ['piece' => $action['piece'], 'place' => $action['place']] : ['piece' => $action['piece']];
            $this->add($kinds[$action['kind']], $minute + ($action['at_seconds'] - $first + $late) / 60, $fields);
        }
    }
}
