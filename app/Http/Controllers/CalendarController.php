<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WriteRunSheet;
use App\Http\CalendarFile;
use App\Http\CurrentKitchen;
use App\Http\ReadersUnits;
use App\Http\ReadersZone;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The timeline of a batch for any calendar. */
final class CalendarController
{
    public function __invoke(Request $request, string $batch, WriteRunSheet $write): Response
    {
        $found = CurrentKitchen::batch($request, $batch)->load(['revision.formula']);

        $sheet = ReadersUnits::of($request)->sheet($write($found, ReadersZone::of($request)));

        // How it keeps is nothing that hands are wanted for: an entry only where somebody asks for one.
        return new Response(CalendarFile::of($request->query('keep') === 'yes' ? $sheet : $sheet->untilServed(), $found->uuid, $found->updated_at ?? $found->started_at), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="timeline.ics"',
        ]);
    }
}
