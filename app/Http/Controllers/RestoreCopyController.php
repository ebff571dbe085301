<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Copies;
use App\Database\Copy;
use App\Database\Exception\UnusableKitchen;
use App\Database\KitchenKeeper;
use App\Http\CurrentKitchen;
use App\Http\Resources\CopiesDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Exception\InvalidInput;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Puts a copy in the place of the house, brought up to date, while it runs: whoever is inside finishes first, and what was there stays beside it. */
final class RestoreCopyController
{
    public function __invoke(Request $request, string $copy, KitchenKeeper $keeper): JsonResponse
    {
        CurrentKitchen::kept($request);
        if (! CurrentKitchen::user($request)->ownsTheWholeHouse()) {
            throw new AccessDeniedHttpException('A copy holds every kitchen of this house, and others own some of them: whoever looks after the house puts it back with bin/mill restore.');
        }
        $found = array_values(array_filter(Copies::ofThisHouse()->all($keeper->kitchen()), static fn (Copy $one): bool => $one->name === $copy))[0] ?? throw new NotFoundHttpException;
        if ($found->bytes > CopiesDocument::MOST_BYTES) {
            throw InvalidInput::at('copy', 'This copy is too large to be put back from a page.', round($found->bytes / 1e6).' MB', sprintf('at most %d MB; bin/mill restore puts back any', CopiesDocument::MOST_BYTES / 1_000_000));
        }
        try {
            $kept = $keeper->restore($found->path);
        } catch (UnusableKitchen $refusal) {
            throw InvalidInput::at('copy', $refusal->getMessage(), $copy, 'a sound copy of this or an earlier version');
        }

        return new JsonResponse(['kept' => $kept === null ? null : basename($kept->path)]);
    }
}
