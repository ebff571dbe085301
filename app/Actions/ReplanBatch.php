<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\BatchDocument;
use App\Models\Batch;
use App\Models\BatchBags;
use App\Problems\Conflict;
use Illuminate\Support\Facades\DB;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\Record\Replan;

/** Changes what a batch is planned from, and plans it again. */
final readonly class ReplanBatch
{
    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * @param string|null $changeId the client's own: the same change sent again is made once
     */
    public function __invoke(int $batchId, int $version, GivenRequest $request, ?string $changeId = null): Batch
    {
        $plan = PlanDocument::of($this->planner->plan($request->read($this->reference)));

        return DB::transaction(static function () use ($batchId, $version, $request, $plan, $changeId): Batch {
            $batch = Batch::query()->with(Batch::TOLD)->findOrFail($batchId);
            if ($changeId !== null && $batch->change_id === $changeId) {
                return $batch;
            }
            if ($batch->version !== $version) {
                throw Conflict::between('batch', $batch->version, $version, BatchDocument::of($batch), $request->json());
            }
            $findings = new Findings;
            Replan::check($batch->state(), $batch->given(), $request, Node::root(['request' => $request->json()], $findings)->at('request'));
            $findings->refuseIfAny();
            $batch->fill(['request' => $request->json(), 'plan' => $plan->json, 'plan_format' => $plan->format, 'version' => $version + 1, 'change_id' => $changeId]);
            $batch->fill($batch->columnsAfter($batch->state()))->save();
            BatchBags::keep($batch);

            return $batch;
        });
    }
}
