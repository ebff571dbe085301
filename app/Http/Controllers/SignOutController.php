<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SessionDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SignOutController
{
    public function __invoke(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(SessionDocument::of(null));
    }
}
