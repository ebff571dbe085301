<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Address;
use App\Http\CurrentKitchen;
use App\Kitchens\BringIn;
use App\Kitchens\Differing;
use App\Kitchens\KitchenFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\Reference;

/** An owner brings a kitchen file in, or looks at what would come. */
final class ImportKitchenController
{
    /** Larger ones are brought in by whoever keeps the house. */
    private const MOST_BYTES = 12_000_000;

    public function __invoke(Request $request, Reference $reference): JsonResponse
    {
        $kitchen = CurrentKitchen::kept($request);
        $findings = new Findings;
        $address = Node::root(Address::of($request), $findings)->object(['differing', 'look']);
        $differing = $address->at('differing')->optionalChoice(Differing::class) ?? Differing::Keep;
        $look = ($address->at('look')->optionalText(3) ?? 'no') === 'yes';
        $findings->refuseIfAny();
        $bytes = $request->getContent();
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidInput::at('(file)', 'This file is too large for a page.', strlen($bytes), sprintf('at most %d bytes; larger ones come in by bin/mill import', self::MOST_BYTES));
        }
        $file = tempnam(sys_get_temp_dir(), 'mill') ?: throw new \RuntimeException('There is no room to write in.');
        try {
            file_put_contents($file, $bytes);

            return new JsonResponse(BringIn::from(KitchenFile::open($file), $kitchen, $differing, $look, $reference)->toArray());
        } finally {
            unlink($file);
        }
    }
}
