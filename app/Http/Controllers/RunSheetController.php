<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WriteRunSheet;
use App\Http\Address;
use App\Http\CurrentKitchen;
use App\Http\Pdf;
use App\Http\ReadersUnits;
use App\Http\ReadersZone;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Shape\Paper;

/** One batch on one page, printed or as plain text. */
final class RunSheetController
{
    /** Sizes of its letters; the smallest can still be read at arm's length. */
    private const POINTS = [11.0, 10.0, 9.0, 8.0];

    public function __invoke(Request $request, string $batch, string $form, WriteRunSheet $write): Response
    {
        $found = CurrentKitchen::batch($request, $batch)->load(['revision.formula']);
        $units = ReadersUnits::of($request);
        $sheet = $units->sheet($write($found, ReadersZone::of($request)));
        if ($form === 'txt') {
            return new Response(implode("\n", $sheet->lines($units->clock()))."\n", 200, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
        $findings = new Findings;
        $paper = Node::root(Address::of($request), $findings)->object(['paper', 'offset_minutes', 'zone', ...ReadersUnits::FIELDS])->at('paper')->optionalChoice(Paper::class) ?? Paper::A4;
        $findings->refuseIfAny();
        $plan = $found->document();
        $said = ['sheet' => $sheet, 'clock' => $units->clock(), 'cautions' => $plan->cautions(), 'portrait' => $plan->portrait()];

        return Pdf::onOnePage(static fn (float $points): View => view('run-sheet', [...$said, 'points' => $points]), self::POINTS, $paper->value, 'run-sheet.pdf');
    }
}
