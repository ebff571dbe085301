<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepCalibration;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\GearDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class KeepCalibrationController
{
    public function __invoke(Request $request, string $calibration, KeepCalibration $keep): JsonResponse
    {
        return new JsonResponse(GearDocument::calibration($keep(CurrentKitchen::of($request), $calibration, Body::of($request))));
    }
}
