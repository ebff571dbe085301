<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepPastBatch;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Models\Bread;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Reading\PastReader;

/** A batch that was made before the house was there comes into the record. */
final class KeepPastBatchController
{
    public function __invoke(Request $request, KeepPastBatch $keep): JsonResponse
    {
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['bread', ...PastReader::FIELDS]);
        $bread = $body->at('bread')->uuid();
        $past = PastReader::read($body);
        $findings->refuseIfAny();
        $kitchen = CurrentKitchen::of($request);
        $of = Bread::query()->where('kitchen_id', $kitchen->id)->where('uuid', $bread)->first()
            ?? throw InvalidInput::at('bread', 'This kitchen has no such bread.', $bread, 'a bread of this kitchen');
        [$batch, $isNew] = $keep($kitchen, $of, $past, CurrentKitchen::user($request));

        return new JsonResponse(['id' => $batch->uuid, 'is_new' => $isNew], $isNew ? 201 : 200);
    }
}
