<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\BreadDocument;
use App\Models\Bread;
use App\Models\BreadRevision;
use App\Problems\Conflict;
use Illuminate\Support\Facades\DB;
use StoneMill\Document\PortraitDocument;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Portrait;
use StoneMill\Plan\Reference;

/** Keeps a changed formula as the newest version of its bread; the older ones stay. */
final readonly class SaveRevision
{
    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * @param int $after the version that this one was made from
     * @param string|null $uuid the client's own: the same version sent again is kept once
     * @param string|null $reason why it was made
     */
    public function __invoke(Bread $formula, int $after, GivenRequest $request, ?string $uuid = null, ?string $reason = null): void
    {
        $read = $request->read($this->reference);
        $formula->refuseOtherStyle($read);
        $portrait = PortraitDocument::json(Portrait::of($this->planner->plan($read)));
        $document = $request->completedBy($read->style)->json();
        DB::transaction(static function () use ($formula, $after, $request, $document, $portrait, $uuid, $reason): void {
            $kept = BreadRevision::query()->where('formula_id', $formula->id);
            if ($uuid !== null && (clone $kept)->where('uuid', $uuid)->exists()) {
                return;
            }
            $newest = $kept->latest('number')->first()->number ?? 0;
            if ($newest !== $after) {
                throw Conflict::between('bread', $newest, $after, BreadDocument::of($formula->load('revisions')), $request->json());
            }
            BreadRevision::query()->create(['formula_id' => $formula->id, 'number' => $newest + 1, 'uuid' => $uuid, 'document' => $document, 'reason' => $reason]);
            $formula->update(['portrait' => $portrait]);
        });
    }
}
