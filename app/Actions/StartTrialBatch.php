<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\Kitchen;
use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\MergePatch;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** The next batch of a trial, its level set: the bread as it stands now but for that one thing. */
final readonly class StartTrialBatch
{
    public function __construct(private StartBatch $start, private Reference $reference, private Planner $planner)
    {
    }

    /** @throws InvalidInput If all of its batches were made, or it was decided. */
    public function __invoke(Kitchen $kitchen, Trial $trial, string $uuid, DateTimeImmutable $at, User $cook): Batch
    {
        return DB::transaction(function () use ($kitchen, $trial, $uuid, $at, $cook): Batch {
            // Two tablets that ask at once are given two turns.
            $level = $trial->load('batches')->nextLevel() ?? throw InvalidInput::at('trial', 'All batches of this trial are made.', $trial->question, 'a trial that goes on');
            $standing = $this->start->standing($kitchen, $trial->bread, $cook);
            $plan = $this->planner->plan(PlanRequest::read($standing['request'], $this->reference));
            $request = MergePatch::applied($standing['request'], $trial->design()->settings()[$level]->patch($plan));
            $batch = ($this->start)($kitchen, $trial->bread, $uuid, $at, $cook, [...$standing, 'request' => $request]);
            $batch->update(['trial_id' => $trial->id, 'trial_level' => $level]);

            return $batch;
        });
    }
}
