<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\Kitchen;
use App\Models\Lot;
use DateTimeZone;
use StoneMill\Ask\LineDesk;
use StoneMill\Document\DayDocument;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Kitchen\Shopping;
use StoneMill\Line\Clock;
use StoneMill\Line\Day;
use StoneMill\Line\DayBatch;
use StoneMill\Plan\Limits;

/** The batches that are not finished, with the hands and griddles they share; told from their plans as they stand. */
final class TellDay
{
    /**
     * @param mixed $hands pairs in the kitchen, as asked for
     * @return array<string, mixed>
     */
    public function __invoke(Kitchen $kitchen, mixed $hands, DateTimeZone $zone): array
    {
        $findings = new Findings;
        $hands = Node::root(['hands' => $hands], $findings)->object(['hands'])->at('hands')->optionalInteger(1, Limits::HANDS) ?? 1;
        $findings->refuseIfAny();
        $open = Batch::query()->with(['revision.formula'])->where('kitchen_id', $kitchen->id)->whereNull('finished_at')->whereNull('discarded_at')
            ->latest('started_at')->limit(LineDesk::BATCHES)->get()->all();

        $day = new Day(array_map(static fn (Batch $batch): DayBatch => self::batch($batch, $zone), array_values($open)), $hands, now()->toDateTimeImmutable());

        return [...(new DayDocument($day))->json(), 'lacks' => self::shopping($kitchen, array_values($open))->lacks()];
    }

    /** @param list<Batch> $open */
    private static function shopping(Kitchen $kitchen, array $open): Shopping
    {
        $left = [];
        foreach (Lot::onShelf($kitchen)->get() as $lot) {
            $there = array_key_exists($lot->ingredient, $left) ? $left[$lot->ingredient] : 0.0;
            $left[$lot->ingredient] = $there === null || $lot->leftGrams() === null ? null : $there + $lot->leftGrams();
        }

        return new Shopping(array_merge(...array_map(static fn (Batch $batch): array => [...$batch->state()->bowl()->stillToWeigh(), ...$batch->state()->extras()->stillToWeigh()], $open)), $left);
    }

    private static function batch(Batch $batch, DateTimeZone $zone): DayBatch
    {
        $line = $batch->document()->line();
        $gear = $batch->request['gear'] ?? [];
        $state = $batch->state();
        $started = $line->startsAt ?? $batch->started_at->toDateTimeImmutable();
        // A batch under way is where its log has it: a late one wants hands later than was planned.
        $ready = $state->readyBy(now()->toDateTimeImmutable());
        $starts = $ready === null ? $started : Clock::later($ready, -$line->lengthSeconds);

        return DayBatch::of(
            $batch->uuid,
            $batch->revision->formula->name,
            $starts->setTimezone($zone),
            $line->lengthSeconds,
            $line->actions,
            is_array($gear) && isset($gear['griddle']) ? md5((string) json_encode($gear['griddle'])) : null,
            ! $state->hasBegun(),
        );
    }
}
