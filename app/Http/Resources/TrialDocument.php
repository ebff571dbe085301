<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Models\Trial;
use StoneMill\Compare\Comparison;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\MergePatch;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Record\LogTime;
use StoneMill\Trial\Analysis;
use StoneMill\Trial\Design;
use StoneMill\Trial\Factor;
use StoneMill\Trial\Judged;
use StoneMill\Trial\Point;
use StoneMill\Trial\Setting;

/** A trial as the interface sees it. */
final readonly class TrialDocument
{
    /** So many batches made before are shown beside a trial. */
    private const BACKGROUND = 40;

    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /** @return list<array{factor: string, name: string, unit: string|null, least: float, most: float, schools: list<array{school: string, name: string}>}> what can be varied */
    public static function factors(): array
    {
        return array_map(static fn (Factor $factor): array => [
            'factor' => $factor->value,
            'name' => $factor->inWords(),
            'unit' => $factor->unit()?->value,
            'least' => $factor->range()[0],
            'most' => $factor->range()[1],
            'schools' => array_map(static fn (string $school): array => ['school' => $school, 'name' => Setting::of($factor, $school)->inWords()], $factor->schools()),
        ], Factor::cases());
    }

    /** @return list<array{judged: string, name: string}> what can judge */
    public static function judged(): array
    {
        return array_map(static fn (Judged $judged): array => ['judged' => $judged->value, 'name' => $judged->gauge()->name], Judged::cases());
    }

    /** @return array<string, mixed> what a list shows */
    public static function summary(Trial $trial): array
    {
        $design = $trial->design();
        $next = $trial->nextLevel();

        return [
            'id' => $trial->uuid,
            'bread' => ['id' => $trial->bread->uuid, 'name' => $trial->bread->name, 'style' => $trial->bread->style],
            'question' => $trial->question,
            'factor' => ['factor' => $design->factor->value, 'name' => $design->factor->inWords(), 'unit' => $design->factor->unit()?->value],
            'judged' => ['judged' => $design->judged->value, 'name' => $design->judged->gauge()->name],
            'made' => $trial->batches->count(),
            'total' => count($design->order()),
            'blind' => $trial->is_blind,
            'next' => $next === null ? null : ['level' => $trial->is_blind ? null : $design->settings()[$next]->inWords()],
            'decided' => $trial->decided_at === null ? null : [
                'level' => $trial->decided_level === null ? null : $design->settings()[$trial->decided_level]->inWords(),
                'at' => LogTime::format($trial->decided_at),
            ],
            'result' => (new Analysis($design->named(), $design->judged->gauge(), self::points($trial, $design)))->toArray(),
        ];
    }

    /** @return array<string, mixed> with its batches, what each level drags along, and what was made before */
    public function whole(Trial $trial): array
    {
        $design = $trial->design();

        return [
            ...self::summary($trial),
            'drags' => $this->drags($trial, $design),
            'batches' => $trial->batches->map(static fn (Batch $batch): array => [
                'id' => $batch->uuid,
                'level' => self::level($trial, $design, $batch),
                'started_at' => LogTime::format($batch->started_at),
                'value' => self::value($design, $batch),
            ])->values()->all(),
            'background' => self::background($trial, $design),
        ];
    }

    /** The name of a batch's level; null while its cook is kept from knowing. */
    public static function level(Trial $trial, Design $design, Batch $batch): ?string
    {
        return $trial->is_blind && $batch->verdict === null ? null : $design->settings()[$batch->trial_level ?? 0]->inWords();
    }

    /** @return list<Point> */
    private static function points(Trial $trial, Design $design): array
    {
        $points = [];
        foreach ($trial->batches as $batch) {
            $value = self::value($design, $batch);
            if ($value !== null && $batch->trial_level !== null) {
                $points[] = new Point($batch->trial_level, $value);
            }
        }

        return $points;
    }

    private static function value(Design $design, Batch $batch): ?float
    {
        return $batch->verdict === null ? null : $design->judged->of($batch->verdict->toCore(), $batch->state());
    }

    /** @return list<array{level: string, changes: list<array{subject: string, kind: string, text: string, before: float|null, after: float|null, unit: string|null}>}> */
    private function drags(Trial $trial, Design $design): array
    {
        $newest = $trial->bread->newest()->document;
        $base = $this->planner->plan(PlanRequest::read($newest, $this->reference));
        $drags = [];
        foreach ($design->settings() as $setting) {
            try {
                $after = $this->planner->plan(PlanRequest::read(MergePatch::applied($newest, $setting->patch($base)), $this->reference));
                $drags[] = ['level' => $setting->inWords(), 'changes' => (new Comparison($base, $after))->toArray()];
            } catch (InvalidInput) {
                // The bread was changed since, and this level can no longer be planned.
                $drags[] = ['level' => $setting->inWords(), 'changes' => []];
            }
        }

        return $drags;
    }

    /** @return list<array{at: float, value: float}> of the same bread, made apart from the trial, where they lie on its scale */
    private static function background(Trial $trial, Design $design): array
    {
        $before = Batch::query()->with('verdict')->whereRelation('revision', 'formula_id', $trial->formula_id)
            ->whereNull('trial_id')->whereNull('discarded_at')->whereNotNull('is_good')->orderByDesc('id')->limit(self::BACKGROUND)->get();
        $points = [];
        foreach ($before as $batch) {
            $at = Setting::found($design->factor, $batch->state()->plan());
            $value = self::value($design, $batch);
            if ($at !== null && $value !== null) {
                $points[] = ['at' => round($at, 2), 'value' => $value];
            }
        }

        return $points;
    }
}
