<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SessionDocument;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShowSessionController
{
    public function __invoke(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse(SessionDocument::of($user instanceof User ? $user : null));
    }
}
