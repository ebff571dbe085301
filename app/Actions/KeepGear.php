<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\GearDocument;
use App\Models\Gear;
use App\Models\Kitchen;
use App\Problems\Conflict;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Kitchen\Tool;

/** Puts a griddle, press, pan or scale into the hearth, or changes what is said of one. */
final readonly class KeepGear
{
    private const FIELDS = ['version', 'kind', 'name', 'shape', 'diameter_mm', 'width_mm', 'depth_mm', 'resolution_grams', 'count', 'metal', 'thickness_mm', 'burner', 'burner_watts'];

    /** @throws InvalidInput If anything in the document breaks the contract. */
    public function __invoke(Kitchen $kitchen, string $uuid, mixed $document): Gear
    {
        $findings = new Findings;
        $id = Node::root(['gear' => $uuid], $findings)->at('gear')->uuid();
        $body = Node::root($document, $findings)->object(self::FIELDS);
        $version = $body->at('version')->integer(0, PHP_INT_MAX);
        $name = $body->at('name')->text(Tool::LONGEST_NAME);
        $fields = ['name' => $name, ...Gear::columns($findings->sound(Tool::read($body)))];

        return DB::transaction(static function () use ($kitchen, $id, $version, $fields): Gear {
            $gear = Gear::query()->where('uuid', $id)->first();
            if ($gear !== null && $gear->kitchen_id !== $kitchen->id) {
                throw new ModelNotFoundException;
            }
            if ($gear === null) {
                return Gear::query()->create([...$fields, 'uuid' => $id, 'kitchen_id' => $kitchen->id, 'version' => 1]);
            }
            // Sent twice is kept once.
            if ($gear->version === $version + 1 && $gear->only(array_keys($fields)) == $fields) {
                return $gear;
            }
            if ($gear->version !== $version) {
                throw Conflict::between('tool', $gear->version, $version, GearDocument::of($gear->load('calibrations'), (new Learn)($kitchen)), $fields);
            }
            $gear->update([...$fields, 'version' => $version + 1]);

            return $gear;
        });
    }
}
