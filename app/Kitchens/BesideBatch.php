<?php

declare(strict_types=1);

namespace App\Kitchens;

use App\Models\Batch;
use App\Models\BatchBags;
use App\Models\LogEntry;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Line\Effort;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** Works out anew what stands beside a batch, and brings its plan up to date. */
final readonly class BesideBatch
{
    private Planner $planner;

    public function __construct(private Reference $reference)
    {
        // What an old plan did not say is filled in by the style's own times: ten thousand batches are not baked anew for it.
        $this->planner = new Planner($reference, new StyleTurnPlanner, Effort::Sketch);
    }

    /** @param (callable(string): void)|null $tell of a request that is no longer taken, in a sentence */
    public function keep(Batch $batch, ?callable $tell = null): void
    {
        $stored = $batch->document();
        if ($stored->isOld()) {
            $today = $this->planned($batch->given(), $batch->revision->formula->style, "Batch $batch->uuid", $tell);
            $plan = $stored->broughtUpToDate(PlanDocument::of($today));
            $batch->fill(['plan' => $plan->json, 'plan_format' => $plan->format]);
        }
        $batch->fill([
            ...$batch->columnsAfter($batch->stateFromLog()),
            'cooks' => self::cooks($batch),
            'event_count' => LogEntry::query()->where('batch_id', $batch->id)->count(),
        ]);
        // What it says of the batch is as old as the batch.
        $batch->timestamps = false;
        $batch->save();
        BatchBags::keep($batch);
    }

    /**
     * A plan of a request; of one that is no longer taken, the style's own.
     *
     * @param (callable(string): void)|null $tell
     */
    public function planned(GivenRequest $request, string $style, string $whose, ?callable $tell = null): BatchPlan
    {
        try {
            return $this->planner->plan($request->read($this->reference));
        } catch (InvalidInput $refusal) {
            $tell === null || $tell(sprintf('%s: %s', $whose, $refusal->getMessage()));

            return $this->planner->plan(PlanRequest::ofStyle($style, $this->reference));
        }
    }

    private static function cooks(Batch $batch): string
    {
        $cooks = LogEntry::query()->where('batch_id', $batch->id)->whereNotNull('user_id')->distinct()->pluck('user_id')->all();

        return array_reduce($cooks, static fn (string $all, mixed $cook): string => is_int($cook) ? Batch::withCook($all, $cook) : $all, $batch->cooks);
    }
}
