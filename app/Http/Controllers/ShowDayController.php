<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TellDay;
use App\Http\Address;
use App\Http\CurrentKitchen;
use App\Http\ReadersZone;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShowDayController
{
    public function __invoke(Request $request, TellDay $tell): JsonResponse
    {
        return new JsonResponse($tell(CurrentKitchen::of($request), Address::of($request)['hands'] ?? null, ReadersZone::of($request)));
    }
}
