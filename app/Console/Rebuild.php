<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Batch;
use App\Models\BatchBags;
use App\Models\Bread;
use App\Models\BreadRevision;
use App\Models\LogEntry;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Line\Effort;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Portrait;
use StoneMill\Plan\Reference;
use StoneMill\Plan\StoredPlan;

/** Brings stored plans up to date, and works out anew from the logs what stands beside each batch. */
final class Rebuild extends Command
{
    private const AT_ONCE = 50;

    protected $signature = 'mill:rebuild';

    protected $description = 'Works out anew what stands beside each batch';

    public function handle(Reference $reference): int
    {
        // What an old plan did not say is filled in by the style's own times: ten thousand batches are not baked anew for it.
        $planner = new Planner($reference, new StyleTurnPlanner, Effort::Sketch);
        $done = 0;
        Batch::query()->with(['revision.formula', 'verdict'])->chunkById(self::AT_ONCE, function (iterable $batches) use ($reference, $planner, &$done): void {
            DB::transaction(function () use ($batches, $reference, $planner, &$done): void {
                /** @var Batch $batch */
                foreach ($batches as $batch) {
                    if ($batch->plan_format < StoredPlan::FORMAT) {
                        $batch->fill(['plan' => $this->upToDate($batch, $reference, $planner), 'plan_format' => StoredPlan::FORMAT]);
                    }
                    $batch->fill([
                        ...$batch->columnsAfter($batch->stateFromLog()),
                        'cooks' => self::cooks($batch),
                        'event_count' => LogEntry::query()->where('batch_id', $batch->id)->count(),
                    ])->save();
                    BatchBags::keep($batch);
                    $done++;
                }
            });
        });
        $this->drawBreads($reference, $planner);
        $this->line("$done batches are worked out anew.");

        return self::SUCCESS;
    }

    /** Breads from before each had a picture of its own. */
    private function drawBreads(Reference $reference, Planner $planner): void
    {
        foreach (Bread::query()->whereNull('portrait')->get() as $bread) {
            $request = BreadRevision::query()->where('formula_id', $bread->id)->latest('number')->first()->document ?? [];
            $bread->update(['portrait' => Portrait::of($this->planned($request, $bread->style, $reference, $planner, $bread->name))->toArray()]);
        }
    }

    private static function cooks(Batch $batch): string
    {
        $cooks = LogEntry::query()->where('batch_id', $batch->id)->whereNotNull('user_id')->distinct()->pluck('user_id')->all();

        return array_reduce($cooks, static fn (string $all, mixed $cook): string => is_int($cook) ? Batch::withCook($all, $cook) : $all, $batch->cooks);
    }

    /** @return array<string, mixed> */
    private function upToDate(Batch $batch, Reference $reference, Planner $planner): array
    {
        $today = $this->planned($batch->request, $batch->revision->formula->style, $reference, $planner, "Batch $batch->uuid");

        return StoredPlan::broughtUpToDate($batch->plan, $today->toArray());
    }

    /** @param array<string, mixed> $request */
    private function planned(array $request, string $style, Reference $reference, Planner $planner, string $whose): BatchPlan
    {
        try {
            return $planner->plan(PlanRequest::read($request, $reference));
        } catch (InvalidInput $refusal) {
            // A wish that is no longer taken: the bread as its style has it fills what is missing.
            $this->getOutput()->getErrorStyle()->writeln(sprintf('  %s: %s', $whose, $refusal->getMessage()));

            return $planner->plan(PlanRequest::read(['style' => $style], $reference));
        }
    }
}
