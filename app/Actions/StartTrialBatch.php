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
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\Trial\Factor;
use StoneMill\Trial\Levels;
use StoneMill\Trial\Setting;

/** The next batch of a trial, its level set: the bread as it stands now but for that one thing. */
final readonly class StartTrialBatch
{
    public function __construct(private StartBatch $start, private Reference $reference, private Planner $planner)
    {
    }

    /** @throws InvalidInput If all of its batches were made, or it was decided, or its level cannot be had any more. */
    public function __invoke(Kitchen $kitchen, Trial $trial, string $uuid, DateTimeImmutable $at, User $cook): Batch
    {
        do {
            // Sent twice at once it is begun once, the last of its batches too.
            $begun = Batch::query()->where('uuid', $uuid)->first();
            if ($begun !== null) {
                return $begun;
            }
            $level = $this->next($trial);
            $batch = $this->prepared($kitchen, $trial, $level, $uuid, $at, $cook);
            // Planned before the write lock is taken. Two tablets that ask at once are given two turns: who comes second plans its own.
            $kept = DB::transaction(fn (): ?Batch => $this->next($trial) === $level ? $this->start->keep($batch) : null);
        } while ($kept === null);

        return $kept;
    }

    private function next(Trial $trial): int
    {
        return $trial->refresh()->load('batches')->nextLevel() ?? throw InvalidInput::at('trial', 'All batches of this trial are made.', $trial->question, 'a trial that goes on');
    }

    private function prepared(Kitchen $kitchen, Trial $trial, int $level, string $uuid, DateTimeImmutable $at, User $cook): Batch
    {
        $setting = $trial->design()->settings()[$level];
        $newest = $trial->bread->newest();
        // Another flour is weighed from its own newest bag; a bag that is a level stands above the newest.
        $request = $setting->factor === Factor::Bag
            ? $this->varied($kitchen, $this->start->asItStands($kitchen, $newest->given(), $cook), $setting)
            : $this->start->asItStands($kitchen, $this->varied($kitchen, $newest->given(), $setting), $cook);
        $batch = $this->start->prepared($kitchen, $trial->bread, $uuid, $at, $cook, ['revision' => $newest->number, 'request' => $request]);

        return $batch->fill(['trial_id' => $trial->id, 'trial_level' => $level]);
    }

    private function varied(Kitchen $kitchen, GivenRequest $request, Setting $setting): GivenRequest
    {
        return (new Levels($this->reference, $this->planner, $request, LevelBags::of($kitchen, $setting->factor)))->request($setting);
    }
}
