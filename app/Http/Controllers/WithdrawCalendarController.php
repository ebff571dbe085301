<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\PeopleDocument;
use App\Models\Feed;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The address of a calendar opens nothing any more; the next one is another. */
final class WithdrawCalendarController
{
    public function __invoke(Request $request): JsonResponse
    {
        [$kitchen, $user] = [CurrentKitchen::of($request), CurrentKitchen::user($request)];
        Feed::query()->where('kitchen_id', $kitchen->id)->where('user_id', $user->id)->delete();

        return new JsonResponse(PeopleDocument::of($kitchen, $user));
    }
}
