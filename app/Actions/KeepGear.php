<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\GearDocument;
use App\Models\Gear;
use App\Models\Kitchen;
use App\Problems\Conflict;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use StoneMill\Bake\Burner;
use StoneMill\Bake\Metal;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\Limits;
use StoneMill\Shape\PlateShape;

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
        $fields = self::fields($body);
        $findings->refuseIfAny();

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
                throw Conflict::between('tool', $gear->version, $version, GearDocument::of($gear, (new Learn)($kitchen)), $fields);
            }
            $gear->update([...$fields, 'version' => $version + 1]);

            return $gear;
        });
    }

    /** @return array<string, mixed> by column */
    private static function fields(Node $body): array
    {
        $kind = $body->at('kind')->text(10);
        if (! in_array($kind, ['griddle', 'press', 'pan', 'scale'], true)) {
            $body->at('kind')->refuse('This is no tool of the hearth.', 'one of griddle, press, pan, scale');
        }
        $shape = $kind === 'griddle' ? $body->at('shape')->choice(PlateShape::class) : null;
        $round = $kind === 'press' || $kind === 'pan' || $shape === PlateShape::Round;

        return [
            'kind' => $kind,
            'name' => $body->at('name')->text(80),
            'shape' => $shape?->value,
            'diameter_millimetres' => $round ? $body->at('diameter_mm')->number($kind === 'press' ? 40 : 80, $kind === 'griddle' ? 2000 : 800, 'mm') : null,
            'width_millimetres' => $shape === PlateShape::Rectangle ? $body->at('width_mm')->number(80, 2000, 'mm') : null,
            'depth_millimetres' => $shape === PlateShape::Rectangle ? $body->at('depth_mm')->number(80, 2000, 'mm') : null,
            'resolution_grams' => $kind === 'scale' ? $body->at('resolution_grams')->number(0.1, 10, 'g') : null,
            'count' => $kind === 'pan' ? $body->at('count')->optionalInteger(1, Limits::PANS) ?? 1 : null,
            'metal' => $kind === 'griddle' ? ($body->at('metal')->optionalChoice(Metal::class) ?? Metal::CastIron)->value : null,
            'metal_millimetres' => $kind === 'griddle' ? $body->at('thickness_mm')->optionalNumber(1, 60, 'mm') : null,
            'burner' => $kind === 'griddle' ? ($body->at('burner')->optionalChoice(Burner::class) ?? Burner::Home)->value : null,
            'burner_watts' => $kind === 'griddle' ? $body->at('burner_watts')->optionalNumber(Limits::LEAST_WATTS, Limits::MOST_WATTS, 'W') : null,
        ];
    }
}
