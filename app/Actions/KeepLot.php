<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\LotDocument;
use App\Models\Kitchen;
use App\Models\Lot;
use App\Models\OwnIngredient;
use App\Problems\Conflict;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Kitchen\Bag;
use StoneMill\Plan\Limits;
use StoneMill\Plan\Reference;

/** Puts a bag into the larder, or changes what is said of one that is there. */
final readonly class KeepLot
{
    private const FIELDS = ['version', 'ingredient', 'label', 'certified_gluten_free', 'bought_on', 'opened_on', 'emptied_on', 'price_per_kg', 'grams', 'notes', 'set_aside', 'starts_anew', 'best_before', 'weighed_grams', 'weighed_at'];

    public function __construct(private Reference $reference)
    {
    }

    /** @throws InvalidInput If anything in the document breaks the contract. */
    public function __invoke(Kitchen $kitchen, string $uuid, mixed $document): Lot
    {
        $findings = new Findings;
        $id = Node::root(['lot' => $uuid], $findings)->at('lot')->uuid();
        $body = Node::root($document, $findings)->object(self::FIELDS);
        $version = $body->at('version')->integer(0, PHP_INT_MAX);
        $fields = $this->fields($kitchen, $body);
        $findings->refuseIfAny();

        return DB::transaction(static function () use ($kitchen, $id, $version, $fields): Lot {
            $kept = Lot::ofKitchen($kitchen)->where('uuid', $id);
            $lot = $kept->first();
            if ($lot === null && Lot::query()->where('uuid', $id)->exists()) {
                throw new ModelNotFoundException;
            }
            if ($lot === null) {
                Lot::query()->create([...$fields, 'uuid' => $id, 'kitchen_id' => $kitchen->id, 'version' => 1]);

                return $kept->firstOrFail();
            }
            // Sent twice is kept once.
            if ($lot->version === $version + 1 && $lot->only(array_keys($fields)) == $fields) {
                return $lot;
            }
            if ($lot->version !== $version) {
                throw Conflict::between('bag', $lot->version, $version, LotDocument::of($lot, (new Learn)($kitchen)->water), $fields);
            }
            $lot->update([...$fields, 'version' => $version + 1]);

            // Weighed anew, less was taken since.
            return $kept->firstOrFail();
        });
    }

    /** @return array{weighed_grams: float|null, weighed_at: DateTimeImmutable|null} */
    private static function weighed(Node $body): array
    {
        $grams = $body->at('weighed_grams')->optionalNumber(0, Limits::MOST_BAG_GRAMS, 'g');
        $at = $body->at('weighed_at')->optionalMoment();
        if (($grams === null) !== ($at === null)) {
            $body->at('weighed_at')->refuse('What was weighed and when belong together.', 'both or neither');
        }

        // Kept to the second, so that the same sent again is the same.
        return ['weighed_grams' => $grams, 'weighed_at' => $at === null ? null : new DateTimeImmutable('@'.$at->getTimestamp())];
    }

    /** @return array<string, mixed> by column */
    private function fields(Kitchen $kitchen, Node $body): array
    {
        $ingredient = $body->at('ingredient')->text(60);
        $isOwn = OwnIngredient::query()->where('kitchen_id', $kitchen->id)->where('name', $ingredient)->exists();
        if ($ingredient !== '' && ! $isOwn) {
            $this->reference->catalogue->refuseUnknown($ingredient, $body->at('ingredient'));
        }

        return [
            'ingredient' => $ingredient,
            'label' => $body->at('label')->text(Bag::LONGEST_LABEL),
            'certified_gluten_free' => $body->at('certified_gluten_free')->boolean(),
            'bought_on' => $body->at('bought_on')->optionalDay(),
            'opened_on' => $body->at('opened_on')->optionalDay(),
            'emptied_on' => $body->at('emptied_on')->optionalDay(),
            'price_per_kilogram' => $body->at('price_per_kg')->optionalNumber(0, Limits::MOST_PRICE, 'a kg'),
            'bought_grams' => $body->at('grams')->optionalNumber(0, Limits::MOST_BAG_GRAMS, 'g'),
            'notes' => $body->at('notes')->optionalProse(2000),
            'set_aside' => $body->at('set_aside')->optionalBoolean() ?? false,
            'starts_anew' => $body->at('starts_anew')->optionalBoolean() ?? false,
            'best_before' => $body->at('best_before')->optionalDay(),
            ...self::weighed($body),
        ];
    }
}
