<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\JudgeBatch;
use App\Actions\StartBatch;
use App\Models\Batch;
use App\Models\Bread;
use App\Models\LogEntry;
use App\Models\User;
use DateTimeImmutable;
use StoneMill\Dough\FeelGrade;
use StoneMill\Record\BatchEvent as CoreEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;

/** A dozen batches that the demo cook has made, and one in the middle, each lived through event by event. */
final readonly class DemoBatches
{
    /** style, days ago, hour, feel after the first pour, whether it was mended, seconds late at the turns, verdict */
    private const HISTORY = [
        ['pressed-masa', 34, 11, FeelGrade::Cracking, false, 14, ['cracks_when_folded', 'none', 0.55, 0.35, 'some', 'none', 10, 3, 1, 'Edges split. Needed more water than the bag says.']],
        ['rice-round', 31, 17, FeelGrade::Ready, true, 3, ['folds', 'none', 0.3, 0.3, 'none', 'some', 9, 1, 0, 'Sheet stuck once; oil the liner.']],
        ['pressed-masa', 28, 11, FeelGrade::Cracking, true, 6, ['folds', 'patches', 0.5, 0.45, 'some', 'none', 12, 2, 0, null]],
        ['millet-round', 25, 18, FeelGrade::Tacky, true, 2, ['folds', 'patches', 0.5, 0.5, 'none', 'none', 8, 0, 0, 'Cooked half in the pot. Rolls like a dream when warm.']],
        ['almond-wrap', 22, 12, FeelGrade::Ready, true, 9, ['wraps', 'none', 0.6, 0.5, 'none', 'none', 7, 1, 0, 'First one too dark.']],
        ['pressed-masa', 19, 11, FeelGrade::Cracking, true, 1, ['wraps', 'full', 0.5, 0.45, 'none', 'none', 14, 0, 0, 'New bag, striped paper. Puffed nearly all.']],
        ['rice-round', 16, 17, FeelGrade::Cracking, true, 4, ['wraps', 'patches', 0.35, 0.3, 'none', 'none', 10, 0, 0, null]],
        ['pressed-masa', 13, 11, FeelGrade::Ready, true, 0, ['wraps', 'full', 0.5, 0.5, 'none', 'none', 13, 1, 0, null]],
        ['millet-round', 10, 18, FeelGrade::Cracking, true, 12, ['cracks_when_folded', 'none', 0.65, 0.6, 'much', 'none', 5, 2, 1, 'Waited too long before rolling; skin dried.']],
        ['pressed-masa', 8, 11, FeelGrade::Cracking, true, 2, ['wraps', 'patches', 0.5, 0.45, 'none', 'none', 13, 1, 0, null]],
        ['almond-wrap', 5, 12, FeelGrade::Tacky, true, 0, ['wraps', 'none', 0.5, 0.5, 'none', 'some', 8, 0, 0, 'Rest longer before rolling.']],
        ['pressed-masa', 2, 11, FeelGrade::Ready, true, 1, ['wraps', 'full', 0.5, 0.5, 'none', 'none', 14, 0, 0, 'The one to repeat.']],
    ];

    private const MINUTES_INTO_THE_OPEN_ONE = 14;

    public function __construct(private StartBatch $start, private JudgeBatch $judge)
    {
    }

    public function seed(User $cook, DateTimeImmutable $now): void
    {
        foreach (self::HISTORY as $index => [$style, $days, $hour, $feel, $mended, $late, $verdict]) {
            $at = $now->modify("-$days days")->setTime($hour, 7 * $index % 60);
            $batch = $this->begin($cook, $style, "batch $index", $at);
            $this->live($batch, $cook, new DemoLog("batch $index", $at), $mended ? $feel : null, $late);
            ($this->judge)($batch->id, 1, array_combine(
                ['pliability', 'puff', 'shade_first', 'shade_second', 'cracks', 'sticking', 'pieces_good', 'pieces_second', 'pieces_lost', 'notes'],
                $verdict,
            ));
            Batch::query()->whereKey($batch->id)->update(['finished_at' => $at->modify('+95 minutes')->format('Y-m-d H:i:s')]);
        }
        $this->underWay($cook, $now->modify(sprintf('-%d minutes', self::MINUTES_INTO_THE_OPEN_ONE)));
    }

    private function begin(User $cook, string $style, string $name, DateTimeImmutable $at): Batch
    {
        $formula = Bread::query()->where('kitchen_id', $cook->kitchen_id)->where('style', $style)->firstOrFail();

        return ($this->start)($cook->kitchen, $formula, DemoKitchen::uuid($name), $at);
    }

    private function live(Batch $batch, User $cook, DemoLog $log, ?FeelGrade $feel, int $late): void
    {
        $state = $batch->state();
        $this->mix($batch, $log, $feel);
        $log->add(EventKind::RestStarted, 11);
        $log->countDown($batch->state(), $this->stateAfter($state, $log), 22);
        $log->cook($batch, 30, $late);
        $log->add(EventKind::Stacked, 62);
        $this->store($batch, $cook, $log->events);
    }

    /** Measure every line, pour first, feel, correct; without a feel the cook went on with edges that crack. */
    private function mix(Batch $batch, DemoLog $log, ?FeelGrade $feel): void
    {
        $log->enter('measure', 0.5);
        foreach ($batch->state()->bowl()->lines() as $line) {
            $log->add(EventKind::Measured, 2, ['ingredient' => $line['ingredient'], 'grams' => $line['planned_grams']]);
        }
        $log->enter('water', 3);
        $first = $batch->state()->bowl()->toArray()['first_pour_left_grams'];
        $log->add(EventKind::Poured, 4, ['grams' => is_numeric($first) ? (float) $first : 0.0]);
        $log->enter('mix', 6);
        $log->add(EventKind::Felt, 8, ['grade' => $feel ?? FeelGrade::Cracking]);
        if ($feel === null) {
            return;
        }
        $correction = $this->stateAfter($batch->state(), $log)->bowl()->correctionFor($feel);
        if ($feel !== FeelGrade::Ready) {
            $log->add(EventKind::Corrected, 9, ['waterGrams' => $correction->waterGrams->likely, 'flourGrams' => $correction->flourGrams->likely]);
            $log->add(EventKind::Felt, 10, ['grade' => FeelGrade::Ready]);
        }
    }

    /** Today's batch stands at the bowl: the first pour is in and the edges crack. */
    private function underWay(User $cook, DateTimeImmutable $at): void
    {
        $batch = $this->begin($cook, 'pressed-masa', 'batch under way', $at);
        $log = new DemoLog('batch under way', $at);
        $this->mix($batch, $log, FeelGrade::Cracking);
        $untilFelt = array_search(EventKind::Corrected, array_map(static fn (CoreEvent $event): EventKind => $event->kind, $log->events), true);
        $this->store($batch, $cook, array_slice($log->events, 0, (int) $untilFelt));
    }

    private function stateAfter(BatchState $state, DemoLog $log): BatchState
    {
        return array_reduce($log->events, static fn (BatchState $now, CoreEvent $event): BatchState => $now->with($event), $state);
    }

    /** @param list<CoreEvent> $events */
    private function store(Batch $batch, User $cook, array $events): void
    {
        $rows = array_map(static fn (CoreEvent $event): array => [
            ...LogEntry::columns($event), 'batch_id' => $batch->id, 'user_id' => $cook->id, 'recorded_at' => LogTime::format($event->at),
        ], $events);
        foreach (array_chunk($rows, 40) as $chunk) {
            LogEntry::query()->insert($chunk);
        }
        $batch->update([...Batch::columns($batch->stateFromLog(), $batch->plan), 'event_count' => count($rows)]);
    }
}
