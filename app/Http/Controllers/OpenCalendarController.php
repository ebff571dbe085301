<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\PeopleDocument;
use App\Models\Feed;
use App\Models\Secret;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ramsey\Uuid\Uuid;

/** A cook follows the kitchen's calendar from outside; asked twice, it stays the same. */
final class OpenCalendarController
{
    public function __invoke(Request $request): JsonResponse
    {
        [$kitchen, $user] = [CurrentKitchen::of($request), CurrentKitchen::user($request)];
        $uuid = Uuid::uuid4()->toString();
        Feed::query()->firstOrCreate(['kitchen_id' => $kitchen->id, 'user_id' => $user->id], ['uuid' => $uuid, 'secret' => Secret::hash(Secret::of('calendar', $uuid))]);

        return new JsonResponse(PeopleDocument::of($kitchen, $user));
    }
}
