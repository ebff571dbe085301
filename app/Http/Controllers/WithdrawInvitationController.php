<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\PeopleDocument;
use App\Models\Invitation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class WithdrawInvitationController
{
    public function __invoke(Request $request, string $invitation): JsonResponse
    {
        $kitchen = CurrentKitchen::kept($request);
        Invitation::query()->where('kitchen_id', $kitchen->id)->where('uuid', $invitation)->whereNull('taken_at')->delete();

        return new JsonResponse(PeopleDocument::of($kitchen, CurrentKitchen::user($request)));
    }
}
