<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Recorded;
use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What another tablet did since: what changed where there is news, the whole batch where its plan is another, an empty answer where there is none. Asked every second. */
final class ShowNewsController
{
    public function __invoke(Request $request, string $batch): JsonResponse|Response
    {
        $kitchen = CurrentKitchen::user($request)->kitchen_id;
        $found = Batch::query()->where('kitchen_id', $kitchen)->where('uuid', $batch)->firstOrFail(['id', 'version', 'event_count']);
        $seen = $request->query('seen');
        [$version, $count] = [...explode('-', is_string($seen) ? $seen : '', 2), ''];
        if ($version === (string) $found->version && $count === (string) $found->event_count) {
            return new Response('', 204);
        }
        $whole = CurrentKitchen::batch($request, $batch);

        return new JsonResponse($version === (string) $whole->version ? BatchDocument::change(new Recorded($whole, null, null)) : BatchDocument::of($whole->load(Batch::TOLD)));
    }
}
