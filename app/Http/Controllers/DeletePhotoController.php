<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class DeletePhotoController
{
    public function __invoke(Request $request, string $batch, string $photo): Response
    {
        CurrentKitchen::photo($request, $batch, $photo)->delete();

        return new Response(status: 204);
    }
}
