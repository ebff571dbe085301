<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WriteRunSheet;
use App\Http\Address;
use App\Http\CalendarFile;
use App\Http\ReadersUnits;
use App\Models\Batch;
use App\Models\Feed;
use App\Models\UtcMoment;
use DateTimeZone;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/**
 * The calendar of a kitchen for whoever holds its address: what is to be done of the batches under way and to come, and what was made lately;
 * or one day of it. In the units of the cook whose address it is.
 */
final class FollowCalendarController
{
    /** Of what was made, so far back. */
    private const DAYS = 60;

    private const MOST_BATCHES = 200;

    public function __invoke(Request $request, WriteRunSheet $write, string $secret): Response
    {
        $feed = Feed::open($secret) ?? abort(404);
        $findings = new Findings;
        $day = Node::root(Address::of($request), $findings)->object(['day'])->at('day')->optionalDay();
        $findings->refuseIfAny();
        $calendar = CalendarFile::named($feed->kitchen->name, $day);
        $units = ReadersUnits::liked($feed->user->profile);
        $utc = new DateTimeZone('UTC');
        $batches = Batch::query()->with(['revision.formula'])->where('kitchen_id', $feed->kitchen_id)->whereNull('discarded_at')
            ->where(static fn ($query) => $query->whereNull('finished_at')->orWhere('started_at', '>=', UtcMoment::kept(now()->subDays(self::DAYS))))
            ->orderByDesc('started_at')->limit(self::MOST_BATCHES)->get();
        foreach ($batches as $batch) {
            $changed = $batch->updated_at ?? $batch->started_at;
            if ($batch->finished_at === null) {
                $calendar->sheet($units->sheet($write($batch, $utc))->untilServed(), $batch->uuid, $changed);
            } else {
                $calendar->made($batch->revision->formula->name, $batch->uuid, $batch->started_at, $batch->finished_at, $changed);
            }
        }

        return new Response($calendar->text(), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300']);
    }
}
