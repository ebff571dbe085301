<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepGear;
use App\Actions\Learn;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\GearDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class KeepGearController
{
    public function __invoke(Request $request, string $gear, KeepGear $keep, Learn $learn): JsonResponse
    {
        return new JsonResponse(GearDocument::of($keep(CurrentKitchen::of($request), $gear, Body::of($request))->load('calibrations'), $learn(CurrentKitchen::of($request))));
    }
}
