<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\LevelBags;
use App\Models\Batch;
use App\Models\Kitchen;
use App\Models\Lot;
use App\Models\Trial;
use StoneMill\Compare\Comparison;
use StoneMill\Document\AnalysisDocument;
use StoneMill\Document\ComparisonDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\Record\Halves;
use StoneMill\Record\LogTime;
use StoneMill\Trial\Analysis;
use StoneMill\Trial\Design;
use StoneMill\Trial\Factor;
use StoneMill\Trial\Judged;
use StoneMill\Trial\Levels;
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

    /** @return list<array{factor: string, name: string, unit: string|null, least: float, most: float, halves: bool, choices: list<array{choice: string, name: string}>}> what can be varied */
    public function factors(Kitchen $kitchen): array
    {
        return array_map(fn (Factor $factor): array => [
            'factor' => $factor->value,
            'name' => $factor->inWords(),
            'unit' => $factor->unit()?->value,
            'least' => $factor->range()[0],
            'most' => $factor->range()[1],
            'halves' => $factor->comesAfterMixing(),
            'choices' => $factor->isOfThePantry()
                ? self::choices(self::pantry($factor, $kitchen, $this->reference->catalogue))
                : array_map(static fn (string $school): array => ['choice' => $school, 'name' => Setting::of($factor, $school)->inWords()], $factor->schools()),
        ], Factor::cases());
    }

    /** @return array<string, string> what is called how that can be a level of flour or bag, by its identifier */
    public static function pantry(Factor $factor, Kitchen $kitchen, Catalogue $catalogue): array
    {
        if ($factor === Factor::Flour) {
            $flours = array_filter($catalogue->all(), static fn (Ingredient $ingredient): bool => $ingredient->role === Role::Flour);

            return array_combine(array_column($flours, 'id'), array_column($flours, 'name'));
        }

        return Lot::labelsOnShelf($kitchen);
    }

    /**
     * @param array<string, string> $pantry
     * @return list<array{choice: string, name: string}>
     */
    private static function choices(array $pantry): array
    {
        return array_map(static fn (string $thing, string $name): array => ['choice' => $thing, 'name' => $name], array_keys($pantry), array_values($pantry));
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
            'total' => $design->batches(),
            'blind' => $trial->is_blind,
            'halves' => $design->inHalves,
            'next' => $next === null ? null : ['level' => $trial->is_blind || $design->inHalves ? null : $design->settings()[$next]->inWords()],
            'decided' => $trial->decided_at === null ? null : [
                'level' => $trial->decided_level === null ? null : $design->settings()[$trial->decided_level]->inWords(),
                'at' => LogTime::format($trial->decided_at),
                'kept' => $trial->decided_level !== null && $design->factor !== Factor::Bag,
            ],
            'result' => (new AnalysisDocument((new Analysis($design->named(), $design->judged->gauge(), self::points($trial, $design)))->findings()))->json(),
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
                'is_judged' => $batch->verdict !== null,
            ])->values()->all(),
            'background' => self::background($trial, $design),
        ];
    }

    /** @return array<string, mixed> what a batch says of its trial */
    public static function ofBatch(Trial $trial, Batch $batch): array
    {
        $design = $trial->design();

        return ['id' => $trial->uuid, 'question' => $trial->question, 'level' => self::level($trial, $design, $batch), 'halves' => self::halves($design, $batch)];
    }

    /** @return list<array{level: string, patch: array<string, mixed>}>|null the two levels of a dough that is halved, and what each sets of the batch's request */
    private static function halves(Design $design, Batch $batch): ?array
    {
        if (! $design->inHalves) {
            return null;
        }
        $settings = $design->settings();

        return array_map(static fn (int $level): array => ['level' => $settings[$level]->inWords(), 'patch' => $settings[$level]->change()?->patch() ?? []], self::levels($batch));
    }

    /** @return array{int, int} levels of the first and the second half, by their places */
    private static function levels(Batch $batch): array
    {
        return $batch->trial_level === 1 ? [1, 0] : [0, 1];
    }

    /** The name of a batch's level; null while its cook is kept from knowing, and where it has two. */
    private static function level(Trial $trial, Design $design, Batch $batch): ?string
    {
        return $design->inHalves || $trial->is_blind && $batch->verdict === null ? null : $design->settings()[$batch->trial_level ?? 0]->inWords();
    }

    /** @return list<Point> */
    private static function points(Trial $trial, Design $design): array
    {
        $points = [];
        foreach ($trial->batches as $batch) {
            if ($design->inHalves) {
                array_push($points, ...self::ofHalves($design, $batch));

                continue;
            }
            $value = self::value($design, $batch);
            if ($value !== null && $batch->trial_level !== null) {
                $points[] = new Point($batch->trial_level, $value);
            }
        }

        return $points;
    }

    /** @return list<Point> of a dough that was made in two ways, once it is judged */
    private static function ofHalves(Design $design, Batch $batch): array
    {
        $halves = $batch->verdict?->toCore()->halves ?? [];
        $points = [];
        foreach ($halves as $place => $half) {
            $state = $batch->state();
            $value = $design->judged->of($half, $state, Halves::pieces($state->portions()->count)[$place] ?? null);
            if ($value !== null) {
                $points[] = new Point(self::levels($batch)[$place] ?? 0, $value, $batch->uuid);
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
        $levels = new Levels($this->reference, $this->planner, $trial->bread->newest()->given(), LevelBags::of($trial->bread->kitchen, $design->factor));
        $drags = [];
        foreach ($design->settings() as $setting) {
            try {
                $drags[] = ['level' => $setting->inWords(), 'changes' => ComparisonDocument::json(new Comparison($levels->standing(), $levels->plan($setting)))];
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
        $points = [];
        foreach ($trial->madeBeside(self::BACKGROUND) as $batch) {
            $at = Setting::found($design->factor, $batch->state()->plan());
            $value = self::value($design, $batch);
            if ($at !== null && $value !== null) {
                $points[] = ['at' => round($at, 2), 'value' => $value];
            }
        }

        return $points;
    }
}
