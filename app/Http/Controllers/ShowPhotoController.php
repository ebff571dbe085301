<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ShowPhotoController
{
    public function __invoke(Request $request, string $batch, string $photo): Response
    {
        // A photo is never changed, so a browser may keep it; nobody in between may.
        return new Response(CurrentKitchen::photo($request, $batch, $photo)->bytes, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
