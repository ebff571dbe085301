<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Kitchen;
use App\Models\OwnIngredient;
use App\Problems\Conflict;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Pantry\OwnLabel;
use StoneMill\Plan\Reference;

/** Keeps an ingredient of the kitchen's own once its table adds up. */
final readonly class KeepOwnIngredient
{
    public function __construct(private Reference $reference)
    {
    }

    /** @throws InvalidInput If the table does not add up, or anything else in the document breaks the contract. */
    public function __invoke(Kitchen $kitchen, string $name, mixed $body): OwnIngredient
    {
        $findings = new Findings;
        $root = Node::root($body, $findings)->object(['version', 'document']);
        $version = $root->at('version')->integer(0, PHP_INT_MAX);
        $document = $root->at('document')->fields();
        $label = OwnLabel::read($root->at('document'), $this->reference->catalogue);
        if ($label !== null && $label->ingredient->id !== $name) {
            $root->at('document')->at('id')->refuse('This is not the ingredient of this address.', $name);
        }
        $findings->refuseIfAny();

        return DB::transaction(static function () use ($kitchen, $name, $version, $document): OwnIngredient {
            $own = OwnIngredient::query()->where('kitchen_id', $kitchen->id)->where('name', $name)->first();
            if ($own === null) {
                return OwnIngredient::query()->create(['kitchen_id' => $kitchen->id, 'name' => $name, 'version' => 1, 'document' => $document]);
            }
            if ($own->document == $document) {
                return $own;
            }
            if ($own->version !== $version) {
                throw Conflict::between('ingredient', $own->version, $version, ['version' => $own->version, 'document' => $own->document], $document);
            }
            $own->update(['version' => $version + 1, 'document' => $document]);

            return $own;
        });
    }
}
