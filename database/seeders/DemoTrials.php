<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\BeginTrial;
use App\Actions\DecideTrial;
use App\Actions\JudgeBatch;
use App\Actions\StartTrialBatch;
use App\Models\Batch;
use App\Models\BatchBags;
use App\Models\Bread;
use App\Models\LogEntry;
use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\Trial\Design;
use StoneMill\Trial\Factor;
use StoneMill\Trial\Judged;

/** Two trials of the demo kitchen: one that was decided, and one that goes on. */
final readonly class DemoTrials
{
    /** style, question, what differs, its levels, what judges, batches of each, seed, days ago that it began, good pieces of each batch by its level, whether it is decided for the second level */
    private const TRIALS = [
        ['almond-wrap', 'Rolled thinner or thicker?', Factor::Thickness, [1.5, 1.9], Judged::GoodShare, 4, 11, 33, [[5, 6, 4, 6], [8, 7, 8, 8]], true],
        ['rice-round', 'Dry metal or wiped with fat?', Factor::Grease, ['dry', 'wiped'], Judged::GoodShare, 4, 4, 9, [[8, 9], [9]], false],
    ];

    public function __construct(private StartTrialBatch $start, private JudgeBatch $judge, private DecideTrial $decide)
    {
    }

    public function seed(User $cook, DateTimeImmutable $now): void
    {
        foreach (self::TRIALS as [$style, $question, $factor, $levels, $judged, $rounds, $seed, $days, $good, $isDecided]) {
            $trial = Trial::query()->create([
                ...BeginTrial::columns(new Design($factor, $levels, $judged, $rounds, $seed)),
                'uuid' => DemoKitchen::uuid('trial '.$style), 'kitchen_id' => $cook->kitchen_id, 'question' => $question,
                'formula_id' => Bread::query()->where('kitchen_id', $cook->kitchen_id)->where('style', $style)->firstOrFail()->id,
                'is_blind' => false,
            ]);
            $turns = [0, 0];
            foreach (array_slice($trial->design()->order(), 0, count($good[0]) + count($good[1])) as $turn => $level) {
                $this->live($trial, $cook, $turn, $now->modify(sprintf('-%d days', $days - 2 * $turn))->setTime(19, 10), $good[$level][$turns[$level]++] ?? 8);
            }
            if ($isDecided) {
                ($this->decide)($trial->refresh(), 1, sprintf('Trial: %s The thicker ones came off the sheet whole.', $question));
            }
        }
    }

    private function live(Trial $trial, User $cook, int $turn, DateTimeImmutable $at, int $good): void
    {
        $name = "trial $trial->factor batch $turn";
        $batch = ($this->start)($cook->kitchen, $trial->refresh(), DemoKitchen::uuid($name), $at, $cook);
        $log = new DemoLog($name, $at);
        foreach ($batch->state()->bowl()->lines() as $line) {
            $log->add(EventKind::Measured, 2, ['ingredient' => $line->planned->ingredient, 'grams' => $line->planned->grams]);
        }
        $log->add(EventKind::Poured, 4, ['grams' => $batch->state()->bowl()->wantedWaterGrams()]);
        foreach ($log->events as $event) {
            LogEntry::query()->insert([...LogEntry::columns($event), 'batch_id' => $batch->id, 'user_id' => $cook->id, 'recorded_at' => LogTime::format($event->at)]);
        }
        $batch->update([...$batch->columnsAfter($batch->stateFromLog()), 'event_count' => count($log->events)]);
        BatchBags::weigh($batch, $batch->state());
        $count = $batch->state()->portions()->count;
        ($this->judge)($batch->id, $cook, $batch->version, [
            'pliability' => 'folds', 'puff' => $batch->state()->plan()->puffs() ? 'patches' : null, 'shade_first' => 0.3, 'shade_second' => 0.3, 'cracks' => 'none', 'sticking' => 'none',
            'pieces_good' => min($good, $count), 'pieces_second' => max(0, $count - $good), 'pieces_lost' => 0, 'notes' => null,
        ]);
        Batch::query()->whereKey($batch->id)->update(['finished_at' => $at->modify('+95 minutes')->format('Y-m-d H:i:s')]);
    }
}
