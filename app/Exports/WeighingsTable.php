<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Kitchen;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Row;
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
        foreach ($events->select(['batch_events.id', 'batches.uuid', 'happened_at', 'kind', 'ingredient', 'grams', 'water_grams', 'flour_grams', 'celsius', 'diameter_mm', 'grade', 'piece', 'pieces', 'users.name'])->selectRaw($undone)->lazyById(self::AT_ONCE, 'batch_events.id', 'id') as $found) {
            $event = Row::of($found, 'batch_events');
            yield [
                $event->text('uuid'), $event->text('happened_at'), $event->text('kind'), $event->optionalText('ingredient'), $event->optionalNumber('grams'), $event->optionalNumber('water_grams'), $event->optionalNumber('flour_grams'),
                $event->optionalNumber('celsius'), $event->optionalNumber('diameter_mm'), $event->optionalText('grade'), $event->optionalWhole('piece'), $event->optionalWhole('pieces'), $event->optionalText('name'), $event->isTrue('is_undone'),
            ];
        }
    }
}
