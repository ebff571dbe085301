<?php

declare(strict_types=1);

namespace StoneMill\Document;

use DateTimeImmutable;
use StoneMill\Document\Record\BowlPart;
use StoneMill\Document\Record\FeelPart;
use StoneMill\Document\Record\GriddleNowPart;
use StoneMill\Document\Record\ScalePart;
use StoneMill\Record\BatchState;
use StoneMill\Record\BenchWait;
use StoneMill\Record\EventKind;
use StoneMill\Record\ExtraWeighed;
use StoneMill\Record\Headway;
use StoneMill\Record\LineState;
use StoneMill\Record\LogTime;
use StoneMill\Record\Note;
use StoneMill\Record\OvenTurn;
use StoneMill\Record\SeenFault;
use StoneMill\School\Stage;
use StoneMill\School\WorkStep;

/** Where a batch stands, as every page and tablet is told. */
final readonly class StateDocument
{
    public function __construct(private BatchState $state)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return $this->told(static fn (GriddleNowPart $griddle): array => $griddle->json());
    }

    /** @return array<string, mixed> the same with the steps of the griddle as rows: there are four of every piece, and their names would be most of an answer */
    public function forTablet(): array
    {
        return $this->told(static fn (GriddleNowPart $griddle): array => $griddle->forTablet());
    }

    /**
     * @param callable(GriddleNowPart): array<string, mixed> $griddling
     * @return array<string, mixed>
     */
    private function told(callable $griddling): array
    {
        $plan = $this->state->plan();
        $course = $this->state->tally()->course;
        $bowl = $this->state->bowl();
        $griddle = $this->state->griddle();
        $steps = $griddle->steps();
        $clocks = $this->state->clocks();

        return [
            'stage' => $this->state->stage()->value,
            'begun' => $this->state->hasBegun(),
            'bowl' => (new BowlPart($bowl))->json(),
            'steps' => array_map($this->step(...), $plan->steps),
            'extras' => self::extras($this->state),
            'feel_answers' => (new FeelPart($bowl, $plan))->json(),
            'rest' => self::clock($course->startedAt(EventKind::RestStarted), (int) round($clocks->restSeconds())),
            'portion' => (new ScalePart($this->state->portions()))->json(),
            'shape' => ['diameter_mm' => Figures::json($this->state->shape()->diameter())],
            'griddle' => $griddling(new GriddleNowPart($griddle, $steps)),
            'oven' => self::oven($this->state->ovenTurn()),
            'second_rest' => self::clock($course->startedAt(EventKind::SecondRestStarted), (int) $plan->secondRestSeconds),
            'grown' => $course->grown === null ? null : ['growth' => $course->grown[0], 'at' => LogTime::format($course->grown[1])],
            'stack' => self::clock($course->startedAt(EventKind::Stacked), $plan->stackSeconds),
            'judged_by' => ['fold' => $plan->isFolded(), 'puff' => $plan->puffs()],
            'clocks' => array_map(self::wait(...), $clocks->all()),
            'line' => self::line($this->state->line($griddle, $steps), $plan->readyAt),
            'entered' => array_map(static fn (Stage $stage): string => $stage->value, $course->entered),
            'undoable' => $course->undoable?->id,
            'undoable_event' => $course->undoable === null ? null : [...$course->undoable->toRow(), 'at' => LogTime::format($course->undoable->at)],
            'faults' => self::faults($this->state),
            'notes' => array_map(static fn (Note $note): array => ['at' => LogTime::format($note->at), 'stage' => $note->stage?->value, 'piece' => $note->piece, 'text' => $note->text], $course->notes),
        ];
    }

    /** @return list<array{symptom: string, name: string, piece: int|null, cause: string|null, done: string|null}> what went wrong so far */
    public static function faults(BatchState $state): array
    {
        return array_values(array_map(static fn (SeenFault $fault): array => [
            'symptom' => $fault->symptom->value, 'name' => $fault->symptom->inWords(), 'piece' => $fault->piece, 'cause' => $fault->cause, 'done' => $fault->done,
        ], $state->tally()->faults->seen));
    }

    /** @return list<array{ingredient: string, name: string, place: string, words: string, stage: string, planned_grams: float, grams: float|null}> grams is null until it was weighed */
    public static function extras(BatchState $state): array
    {
        return array_map(static fn (ExtraWeighed $extra): array => [
            'ingredient' => $extra->planned->ingredient,
            'name' => $extra->planned->name,
            'place' => $extra->planned->place->value,
            'words' => $extra->planned->place->inWords(),
            'stage' => $extra->planned->place->stage()->value,
            'planned_grams' => round($extra->plannedGrams, 4),
            'grams' => $extra->grams,
        ], $state->extras()->all());
    }

    /** @return array<string, mixed> */
    private function step(WorkStep $step): array
    {
        $tally = $this->state->tally()->steps;

        return [...WorkRows::step($step), 'begun_at' => self::moment($tally->begun[$step->id] ?? null), 'done_at' => self::moment($tally->done[$step->id] ?? null)];
    }

    /** @return array<string, mixed> */
    private static function wait(BenchWait $wait): array
    {
        return [
            'kind' => $wait->kind->value,
            'stage' => $wait->stage->value,
            'name' => $wait->name,
            'over' => $wait->over,
            'started_by' => $wait->startedBy?->value,
            'step' => $wait->step,
            'seconds' => round($wait->seconds, 1),
            'ends_at' => self::moment($wait->endsAt),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function oven(?OvenTurn $turn): ?array
    {
        return $turn === null ? null : [
            'what' => $turn->what->value,
            'round' => $turn->number,
            'seconds' => $turn->seconds,
            'started_at' => self::moment($turn->since),
            'ends_at' => self::moment($turn->endsAt()),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(LineState $line, ?DateTimeImmutable $planned): array
    {
        $late = $line->lateSeconds();
        $stages = $line->stages();

        return [
            'ready_at' => self::moment($line->readyAt()),
            'planned_at' => self::moment($planned),
            'late_seconds' => $late === null ? null : round($late),
            'waits_until' => self::moment($line->waitsUntil()),
            'stages' => array_map(self::stage(...), $stages, array_keys($stages)),
        ];
    }

    /** @return array{stage: string, at: string|null, begun_by?: string} of the first, where the work is, nobody asks any more what begins it */
    private static function stage(Headway $one, int $place): array
    {
        $by = $place === 0 ? null : Headway::begunBy($one->stage);

        return ['stage' => $one->stage->value, 'at' => self::moment($one->at), ...($by === null ? [] : ['begun_by' => $by->value])];
    }

    /** @return array{started_at: string|null, ends_at: string|null, seconds: int} */
    private static function clock(?DateTimeImmutable $started, int $seconds): array
    {
        return ['started_at' => self::moment($started), 'ends_at' => $started === null ? null : LogTime::format(LogTime::later($started, $seconds)), 'seconds' => $seconds];
    }

    private static function moment(?DateTimeImmutable $moment): ?string
    {
        return $moment === null ? null : LogTime::format($moment);
    }
}
