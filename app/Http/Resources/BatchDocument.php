<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Recorded;
use App\Models\Batch;
use App\Models\LogEntry;
use App\Models\SaidVerdict;
use StoneMill\Document\StateDocument;
use StoneMill\Document\VerdictDocument;
use StoneMill\Learn\BatchLesson;
use StoneMill\Record\LogTime;

/** A batch as the interface sees it. */
final class BatchDocument
{
    /**
     * @param Batch $batch with its log, photos and all that was said of it
     * @return array<string, mixed> with its whole log
     */
    public static function whole(Batch $batch): array
    {
        return [...self::of($batch), 'events' => $batch->events->map(self::event(...))->values()->all(), 'taught' => self::taught($batch), 'verdicts' => self::verdicts($batch), 'photos' => PhotoDocument::all($batch)];
    }

    /** @return array<string, mixed> */
    public static function of(Batch $batch): array
    {
        return [...self::head($batch), 'request' => $batch->request, 'plan' => $batch->plan, 'state' => (new StateDocument($batch->state()))->forTablet(), 'event_count' => $batch->event_count];
    }

    /**
     * What an event changes: the plan is as the asker has it if the version is.
     *
     * @return array<string, mixed> where it is known what the asker has, just the parts of the state that are otherwise
     */
    public static function change(Recorded $recorded): array
    {
        $batch = $recorded->batch;
        $state = (new StateDocument($batch->state()))->forTablet();
        if ($recorded->before !== null) {
            $known = (new StateDocument($recorded->before))->forTablet();
            $state = (object) array_filter($state, static fn (mixed $part, string $name): bool => $known[$name] !== $part, ARRAY_FILTER_USE_BOTH);
        }

        return ['id' => $batch->uuid, 'version' => $batch->version, 'since' => $recorded->since, 'state' => $state, 'event_count' => $batch->event_count];
    }

    /** @return array<string, mixed> what a list shows */
    public static function summary(Batch $batch): array
    {
        return [...self::head($batch), ...($batch->summary ?? [])];
    }

    /** @return array<string, mixed> */
    private static function head(Batch $batch): array
    {
        $trial = $batch->trial_id === null ? null : $batch->trial;

        return [
            'id' => $batch->uuid,
            'version' => $batch->version,
            'bread' => [
                'id' => $batch->revision->formula->uuid,
                'name' => $batch->revision->formula->name,
                'style' => $batch->revision->formula->style,
                'revision' => $batch->revision->number,
            ],
            'started_at' => LogTime::format($batch->started_at),
            'finished_at' => $batch->finished_at === null ? null : LogTime::format($batch->finished_at),
            'verdict' => $batch->verdict === null ? null : (new VerdictDocument($batch->verdict->toCore()))->json(),
            'left_out' => $batch->lesson_left_out,
            'is_good' => $batch->is_good,
            'discarded' => $batch->discarded_at !== null,
            'from_sheet' => $batch->sheet_key !== null,
            'trial' => $trial === null ? null : TrialDocument::ofBatch($trial, $batch),
        ];
    }

    /** @return array<string, string|int|float|null> */
    private static function event(LogEntry $event): array
    {
        return array_filter([
            'id' => $event->uuid,
            'kind' => $event->kind,
            'at' => $event->happened_at,
            'stage' => $event->stage,
            'ingredient' => $event->ingredient,
            'grams' => $event->grams,
            'water_grams' => $event->water_grams,
            'flour_grams' => $event->flour_grams,
            'celsius' => $event->celsius,
            'grade' => $event->grade,
            'pieces' => $event->pieces,
            'piece' => $event->piece,
            'place' => $event->place,
            'touch' => $event->touch,
            'text' => $event->text,
            'event' => $event->undoes,
            'diameter_mm' => $event->diameter_mm,
            'symptom' => $event->symptom,
            'cause' => $event->cause,
            'cook' => $event->user_id === null ? null : (string) $event->user_id,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return list<string> */
    private static function taught(Batch $batch): array
    {
        return $batch->lesson === null ? [] : BatchLesson::kept($batch->lesson, 0)->inWords();
    }

    /** @return list<array{said_at: string, cook: string|null, verdict: mixed}> everything that was ever said of it, the first first */
    private static function verdicts(Batch $batch): array
    {
        return array_values($batch->said->map(static fn (SaidVerdict $one): array => [
            'said_at' => $one->said_at, 'cook' => $one->user_id === null ? null : (string) $one->user_id, 'verdict' => $one->verdict,
        ])->all());
    }
}
