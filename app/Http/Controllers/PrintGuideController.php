<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Address;
use App\Http\Pdf;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use StoneMill\Shape\PrintedGuide;

/** The ring and the thickness bar as a PDF at true size. */
final class PrintGuideController
{
    public function __invoke(Request $request): Response
    {
        $guide = PrintedGuide::read(Address::of($request));

        return Pdf::response(view('guide', ['guide' => $guide]), $guide->paper->value, sprintf('ring-%.0f-mm.pdf', $guide->diameterMillimetres));
    }
}
