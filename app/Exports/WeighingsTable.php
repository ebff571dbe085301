<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Kitchen;
use Illuminate\Support\Facades\DB;
use StoneMill\Record\EventKind;

/** Everything that was weighed, poured and measured at the bench, entry by entry, the oldest first. What was undone is marked and stays. */
final class WeighingsTable implements Table
{
    private const AT_ONCE = 500;

    private const KINDS = [EventKind::Measured, EventKind::ExtraWeighed, EventKind::Poured, EventKind::Corrected, EventKind::TemperatureTaken, EventKind::Felt, EventKind::Portioned, EventKind::DiscMeasured, EventKind::SurfaceTaken, EventKind::CentreTaken, EventKind::Stacked];

    public function heads(): array
    {
        return ['batch', 'at (UTC)', 'what', 'ingredient', 'weight (g)', 'water (g)', 'flour (g)', 'temperature (°C)', 'across (mm)', 'feel', 'piece', 'pieces', 'by', 'undone'];
    }

    public function rows(Kitchen $kitchen): iterable
    {
        $events = DB::table('batch_events')->join('batches', 'batches.id', '=', 'batch_events.batch_id')->leftJoin('users', 'users.id', '=', 'batch_events.user_id')
            ->where('batches.kitchen_id', $kitchen->id)->whereIn('batch_events.kind', array_map(static fn (EventKind $kind): string => $kind->value, self::KINDS));
        $undone = 'EXISTS (SELECT 1 FROM batch_events later WHERE later.batch_id = batch_events.batch_id AND later.undoes = batch_events.uuid) AS is_undone';
        foreach ($events->select(['batch_events.id', 'batches.uuid', 'happened_at', 'kind', 'ingredient', 'grams', 'water_grams', 'flour_grams', 'celsius', 'diameter_mm', 'grade', 'piece', 'pieces', 'users.name'])->selectRaw($undone)->lazyById(self::AT_ONCE, 'batch_events.id', 'id') as $event) {
            /** @var object{uuid: string, happened_at: string, kind: string, ingredient: string|null, grams: float|null, water_grams: float|null, flour_grams: float|null, celsius: float|null, diameter_mm: float|null, grade: string|null, piece: int|null, pieces: int|null, name: string|null, is_undone: int} $event */
            yield [$event->uuid, $event->happened_at, $event->kind, $event->ingredient, $event->grams, $event->water_grams, $event->flour_grams, $event->celsius, $event->diameter_mm, $event->grade, $event->piece, $event->pieces, $event->name, $event->is_undone === 1];
        }
    }
}
