<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Address;
use App\Http\BatchFilter;
use App\Http\BatchPage;
use App\Http\CurrentKitchen;
use App\Http\RecurringFaults;
use App\Http\Resources\BatchDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

final class ListBatchesController
{
    public function __invoke(Request $request): JsonResponse
    {
        $findings = new Findings;
        $address = Node::root(Address::of($request), $findings)->object(['after', 'limit', ...BatchFilter::FIELDS]);
        $page = BatchPage::read($address, CurrentKitchen::user($request)->kitchen_id);
        $findings->refuseIfAny();

        return new JsonResponse([
            'batches' => $page->batches->map(BatchDocument::summary(...))->all(),
            'next' => $page->next,
            'recurring' => $page->isFirst && $page->filter->wantsRecurring ? RecurringFaults::in(CurrentKitchen::user($request)->kitchen_id, $page->filter) : [],
        ]);
    }
}
