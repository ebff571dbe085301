<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Trial;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\MergePatch;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** Ends a trial: the level that was decided for becomes the newest version of the bread, with the reason in it. */
final readonly class DecideTrial
{
    public function __construct(private SaveRevision $save, private Reference $reference, private Planner $planner)
    {
    }

    /** @param int|null $level by its place; null where the bread stays as it is */
    public function __invoke(Trial $trial, ?int $level, string $reason): void
    {
        DB::transaction(function () use ($trial, $level, $reason): void {
            if ($trial->refresh()->decided_at !== null) {
                return;
            }
            if ($level !== null) {
                $newest = $trial->bread->newest();
                $plan = $this->planner->plan(PlanRequest::read($newest->document, $this->reference));
                ($this->save)($trial->bread, $newest->number, MergePatch::applied($newest->document, $trial->design()->settings()[$level]->patch($plan)), null, $reason);
            }
            $trial->update(['decided_level' => $level, 'decided_at' => new DateTimeImmutable]);
        });
    }
}
