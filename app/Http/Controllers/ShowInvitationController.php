<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Invitation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a link leads to, for whoever holds it. */
final class ShowInvitationController
{
    public function __invoke(Request $request, string $secret): JsonResponse
    {
        $invitation = Invitation::open($secret) ?? abort(404);

        return new JsonResponse(['kitchen' => $invitation->kitchen->name, 'role' => $invitation->role->value, 'expires_at' => $invitation->expires_at->toAtomString()]);
    }
}
