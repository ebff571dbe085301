<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Trial;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\Trial\Factor;
use StoneMill\Trial\Levels;

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
            // Which bag is the better says nothing of the bread, only of what to buy.
            if ($level !== null && $trial->design()->factor !== Factor::Bag) {
                $newest = $trial->bread->newest();
                $levels = new Levels($this->reference, $this->planner, $newest->given(), []);
                ($this->save)($trial->bread, $newest->number, $levels->request($trial->design()->settings()[$level]), null, $reason);
            }
            $trial->update(['decided_level' => $level, 'decided_at' => new DateTimeImmutable]);
        });
    }
}
