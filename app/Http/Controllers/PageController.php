<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\KitchenDocument;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * The one page; what it shows is the browser's business. It says so itself where an address leads nowhere. A browser that has just
 * arrived is given the answers to what it would ask first, so that it need not ask.
 */
final class PageController
{
    private const MAIN = 'web/main.ts';

    private const TODAY = 'places/Today.vue';

    private const SIGN_IN = 'web/places/SignIn.vue';

    public function __construct(private readonly KitchenDocument $kitchen)
    {
    }

    public function __invoke(Request $request): Response
    {
        $isNowhere = $request->route()->isFallback ?? true;
        if ($isNowhere && $request->is('api/*', 'build/*')) {
            throw new NotFoundHttpException;
        }

        return new Response(view('page', $this->ahead($request)), $isNowhere ? 404 : 200);
    }

    /**
     * The part that the address shows, and the answers to the page's first questions (web/api/arrived.ts). The copy that a tablet keeps of the page
     * for all addresses, which it does not fetch in order to show it, names no part of its own and holds no answer.
     *
     * @return array{parts: list<string>, answers: array<string, string>} answers as JSON, by what is asked
     */
    private function ahead(Request $request): array
    {
        $part = $request->route('part');
        if (! is_string($part) || $request->headers->get('Sec-Fetch-Dest') !== 'document') {
            return ['parts' => [self::MAIN], 'answers' => []];
        }
        $asked = $request->duplicate([]);
        $answers = ['session' => (new ShowSessionController)($asked)];
        $user = $request->user();
        if (! $user instanceof User || $user->role() === null) {
            return ['parts' => [self::MAIN, self::SIGN_IN], 'answers' => self::written($answers)];
        }
        $answers['kitchen'] = (new ShowKitchenController)($asked, $this->kitchen);
        if ($part === self::TODAY) {
            $answers['batches'] = (new ListBatchesController)($asked);
        }

        return ['parts' => [self::MAIN, "web/$part"], 'answers' => self::written($answers)];
    }

    /**
     * @param array<string, JsonResponse> $answers
     * @return array<string, string> as they may stand in a page
     */
    private static function written(array $answers): array
    {
        return array_map(static fn (JsonResponse $answer): string => (string) $answer->setEncodingOptions(JSON_HEX_TAG | $answer->getEncodingOptions())->getContent(), $answers);
    }
}
