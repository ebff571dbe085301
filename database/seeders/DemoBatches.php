<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\JudgeBatch;
use App\Actions\StartBatch;
use App\Models\Batch;
use App\Models\BatchBags;
use App\Models\Bread;
use App\Models\LogEntry;
use App\Models\User;
use DateTimeImmutable;
use StoneMill\Dough\FeelGrade;
use StoneMill\Record\BatchEvent as CoreEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\School\Stage;
use StoneMill\School\Symptom;

/** A dozen batches that the demo cook has made, and one in the middle, each lived through event by event. */
final readonly class DemoBatches
{
    /** style, days ago, hour, by how many points this day's dough differs, whether it was mended, seconds late at the turns, verdict */
    private const HISTORY = [
        ['pressed-masa', 34, 11, 1.5, false, 14, ['cracks_when_folded', 'none', 0.45, 0.35, 'some', 'none', 10, 3, 1, 'Edges split. Needed more water than the bag says.']],
        ['rice-round', 31, 17, -0.5, true, -10, ['folds', 'none', 0.2, 0.2, 'none', 'some', 9, 1, 0, 'Tore when turned; it had not let go yet.']],
        ['pressed-masa', 28, 11, -1.0, true, 6, ['folds', 'patches', 0.35, 0.35, 'some', 'none', 12, 2, 0, null]],
        ['millet-round', 25, 18, 0.8, true, 2, ['folds', 'patches', 0.4, 0.4, 'none', 'none', 8, 0, 0, 'Cooked half in the pot. Rolls like a dream when warm.']],
        ['almond-wrap', 22, 12, 0.4, true, 9, ['wraps', 'none', 0.4, 0.5, 'none', 'none', 7, 1, 0, 'First one too dark.']],
        ['pressed-masa', 19, 11, 0.6, true, 1, ['wraps', 'full', 0.35, 0.35, 'none', 'none', 14, 0, 0, 'New bag, striped paper. Puffed nearly all.']],
        ['rice-round', 16, 17, -1.2, true, 4, ['wraps', 'patches', 0.2, 0.15, 'none', 'none', 10, 0, 0, null]],
        ['pressed-masa', 13, 11, -0.4, true, 0, ['wraps', 'full', 0.4, 0.35, 'none', 'none', 13, 1, 0, null]],
        ['millet-round', 10, 18, 1.1, true, 12, ['cracks_when_folded', 'none', 0.45, 0.45, 'much', 'none', 5, 2, 1, 'Waited too long before rolling; skin dried.']],
        ['pressed-masa', 8, 11, 0.9, true, 2, ['wraps', 'patches', 0.35, 0.4, 'none', 'none', 13, 1, 0, null]],
        ['almond-wrap', 5, 12, -0.6, true, 0, ['wraps', 'none', 0.35, 0.45, 'none', 'some', 8, 0, 0, 'Rest longer before rolling.']],
        ['pressed-masa', 2, 11, 0.2, true, 1, ['wraps', 'full', 0.4, 0.4, 'none', 'none', 14, 0, 0, 'The one to repeat.']],
    ];

    /** The second cook makes every third batch: presses thicker, weighs less evenly, and calls dough ready sooner. */
    private const SECOND = 3;

    private const THICKNESS = [0.05, 0.16];

    private const SECOND_FEELS = -3.0;

    /** °C of the griddle, which has cooled since it was calibrated, as it was read from day to day; and by how much it sags under bread. */
    private const READ_CELSIUS = [221.0, 218.0, 224.0, 217.0, 222.0, 219.0, 223.0, 218.0, 220.0, 222.0, 217.0, 221.0];

    private const SAGS = -14.0;

    /** This griddle takes a little more out of every bread than is worked out, and bowl and hands keep more than is usual. */
    private const LOSES_POINTS = 1.3;

    private const KEEPS_SHARE = 0.022;

    /** What the bags of this kitchen really take beside their kind, in points: what a record is there to find out. */
    private const TAKES = ['pressed-masa' => 6.5, 'rice-round' => -4.0, 'millet-round' => 3.0, 'almond-wrap' => 1.0];

    /** What went wrong in three of them, by their place above; what was done about it; and minutes that their later pieces waited on the board. */
    private const WENT_WRONG = [
        0 => ['stage' => Stage::Mix, 'symptom' => Symptom::Cracks],
        1 => ['stage' => Stage::Griddle, 'symptom' => Symptom::SticksToGriddle, 'cause' => 'turned-early', 'done' => 'Leave the next pieces on their first side longer: a face that has set lets go by itself.'],
        8 => ['stage' => Stage::Shape, 'symptom' => Symptom::Cracks, 'waited' => 11.0],
    ];

    private const MOST_CORRECTIONS = 4;

    /** The room has dried the flour since the last batch. */
    private const TODAY_MORE = 3.0;

    private const MINUTES_INTO_THE_OPEN_ONE = 14;

    public function __construct(private StartBatch $start, private JudgeBatch $judge)
    {
    }

    public function seed(User $cook, User $second, DateTimeImmutable $now): void
    {
        $first = $cook;
        foreach (self::HISTORY as $index => [$style, $days, $hour, $today, $mended, $late, $verdict]) {
            $at = $now->modify("-$days days")->setTime($hour, 7 * $index % 60);
            $cook = $index % self::SECOND === self::SECOND - 1 ? $second : $first;
            $batch = $this->begin($cook, $style, "batch $index", $at);
            $this->live($batch, $cook, $cook->is($second), $index, new DemoLog("batch $index", $at), self::TAKES[$style] + $today + ($cook->is($second) ? self::SECOND_FEELS : 0.0), $mended, $late);
            ($this->judge)($batch->id, $cook, 1, array_combine(
                ['pliability', 'puff', 'shade_first', 'shade_second', 'cracks', 'sticking', 'pieces_good', 'pieces_second', 'pieces_lost', 'notes'],
                $verdict,
            ));
            Batch::query()->whereKey($batch->id)->update(['finished_at' => $at->modify('+95 minutes')->format('Y-m-d H:i:s')]);
        }
        $this->underWay($first, $now->modify(sprintf('-%d minutes', self::MINUTES_INTO_THE_OPEN_ONE)));
    }

    private function begin(User $cook, string $style, string $name, DateTimeImmutable $at): Batch
    {
        $formula = Bread::query()->where('kitchen_id', $cook->kitchen_id)->where('style', $style)->firstOrFail();

        return ($this->start)($cook->kitchen, $formula, DemoKitchen::uuid($name), $at, $cook);
    }

    private function live(Batch $batch, User $cook, bool $isSecond, int $index, DemoLog $log, float $takes, bool $mended, int $late): void
    {
        $state = $batch->state();
        $this->mix($batch, $log, $takes, $mended ? self::MOST_CORRECTIONS : 0);
        $log->add(EventKind::RestStarted, 11);
        $log->countDown($batch->state(), $this->stateAfter($state, $log), 22, self::KEEPS_SHARE, $isSecond);
        $this->measureDiscs($this->stateAfter($state, $log), $log, $isSecond);
        $log->add(EventKind::SurfaceTaken, 28, ['celsius' => self::READ_CELSIUS[$index]]);
        $wrong = self::WENT_WRONG[$index] ?? null;
        if ($wrong !== null) {
            $log->add(EventKind::FaultSeen, 29, ['stage' => $wrong['stage'], 'symptom' => $wrong['symptom']]);
            if (isset($wrong['cause'])) {
                $log->add(EventKind::Remedied, 29.5, ['symptom' => $wrong['symptom'], 'cause' => $wrong['cause'], 'text' => $wrong['done']]);
            }
        }
        $log->cook($batch, 30, $late, self::READ_CELSIUS[$index] + self::SAGS, $wrong['waited'] ?? 0.0);
        $log->add(EventKind::Stacked, 80, ['grams' => $this->stackGrams($this->stateAfter($state, $log))]);
        $this->store($batch, $cook, $log->events);
    }

    /** Two discs are held against the printed ring; one hand leaves them thicker than the other. */
    private function measureDiscs(BatchState $state, DemoLog $log, bool $isSecond): void
    {
        $planned = $state->shape()->diameterMillimetres();
        foreach ([-0.01, 0.015] as $disc => $differs) {
            $log->add(EventKind::DiscMeasured, 27 + 0.3 * $disc, ['diameterMillimetres' => round($planned * sqrt($state->plan()->movedThickness) * exp(-(self::THICKNESS[$isSecond ? 1 : 0] + $differs) / 2), 1)]);
        }
    }

    private function stackGrams(BatchState $state): float
    {
        $raw = $state->griddle()->lifted() * ($state->portions()->meanGrams() ?? 0.0);

        return round($raw * (1 - ($state->plan()->lossPercent + self::LOSES_POINTS) / 100));
    }

    /** Measure every line, pour first, feel, correct until it is ready; with no correction the cook went on with what there was. */
    private function mix(Batch $batch, DemoLog $log, float $takes, int $corrections): void
    {
        $log->enter('measure', 0.5);
        foreach ($batch->state()->bowl()->lines() as $line) {
            $log->add(EventKind::Measured, 2, ['ingredient' => $line->planned->ingredient, 'grams' => $line->planned->grams]);
        }
        $log->enter('water', 3);
        $log->add(EventKind::Poured, 4, ['grams' => $this->stateAfter($batch->state(), $log)->bowl()->wantedFirstPourGrams()]);
        $log->enter('mix', 6);
        $log->add(EventKind::Felt, 8, ['grade' => $this->feel($batch, $log, $takes)]);
        for ($round = 0; $round < $corrections && ($grade = $this->feel($batch, $log, $takes)) !== FeelGrade::Ready; $round++) {
            $correction = $this->stateAfter($batch->state(), $log)->bowl()->correctionFor($grade);
            $log->add(EventKind::Corrected, 9 + $round, ['waterGrams' => $correction->waterGrams->likely, 'flourGrams' => $correction->flourGrams->likely]);
            $log->add(EventKind::Felt, 9.5 + $round, ['grade' => $this->feel($batch, $log, $takes)]);
        }
    }

    /** How a dough feels that takes so many points more than catalogue and practice say, with what is in it by now. */
    private function feel(Batch $batch, DemoLog $log, float $takes): FeelGrade
    {
        $bowl = $this->stateAfter($batch->state(), $log)->bowl();
        $catalogue = data_get($batch->plan, 'water.catalogue_grams');
        $off = $bowl->hydrationPercent() - 100 * (is_numeric($catalogue) ? (float) $catalogue : 0.0) / $batch->state()->bowl()->flourBaseGrams() - $takes;
        $grades = FeelGrade::cases();
        usort($grades, static fn (FeelGrade $one, FeelGrade $other): int => abs($one->offsetPoints() - $off) <=> abs($other->offsetPoints() - $off));

        return $grades[0];
    }

    /** Today's batch stands at the bowl: the first pour is in, and the edges crack. */
    private function underWay(User $cook, DateTimeImmutable $at): void
    {
        $batch = $this->begin($cook, 'pressed-masa', 'batch under way', $at);
        $log = new DemoLog('batch under way', $at);
        $this->mix($batch, $log, self::TAKES['pressed-masa'] + self::TODAY_MORE, 0);
        $this->store($batch, $cook, $log->events);
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
        $batch->update([...$batch->columnsAfter($batch->stateFromLog()), 'event_count' => count($rows)]);
        BatchBags::weigh($batch, $batch->state());
    }
}
