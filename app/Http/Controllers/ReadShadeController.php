<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReadShade;
use App\Http\Body;
use App\Http\CurrentKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ReadShadeController
{
    public function __invoke(Request $request, string $batch, string $photo, ReadShade $read): JsonResponse
    {
        $shade = $read(CurrentKitchen::photo($request, $batch, $photo), Body::of($request));

        return new JsonResponse(['shade' => round($shade->likely, 3), 'low' => round($shade->low, 3), 'high' => round($shade->high, 3)]);
    }
}
