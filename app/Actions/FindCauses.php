<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use StoneMill\Ask\Desk;

/** Asks the core what may be wrong with a batch, with what was tried for the same bread before. */
final readonly class FindCauses
{
    /** Further back a bread was another one. */
    private const EARLIER = 40;

    public function __construct(private Desk $desk)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(Batch $batch, mixed $document): array
    {
        $batch->load(['verdict', 'revision']);
        $earlier = Batch::query()->with('verdict')
            ->whereRelation('revision', 'formula_id', $batch->revision->formula_id)
            ->where('id', '<', $batch->id)->whereNull('discarded_at')
            // Their plans are large and not asked for.
            ->orderByDesc('id')->limit(self::EARLIER)->get(['id', 'tally'])->reverse();

        return $this->desk->faults()->of(
            $batch->given(),
            $batch->state(),
            $batch->verdict?->toCore(),
            array_values($earlier->map(static fn (Batch $one): array => ['faults' => $one->tally()->faults, 'verdict' => $one->verdict?->toCore()])->all()),
            $document,
        )->json;
    }
}
