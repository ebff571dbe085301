<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Kitchens\Holdings;
use App\Models\Bread;
use App\Models\Gear;
use App\Models\Lot;
use App\Models\OwnIngredient;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use StoneMill\Document\LearnDocument;
use StoneMill\Griddle\Face;
use StoneMill\Griddle\SurfaceRange;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\Ingredient;
use StoneMill\Plan\Reference;
use StoneMill\School\Fat;
use StoneMill\School\Purpose;
use StoneMill\School\TurnSchool;
use StoneMill\Style\Style;

/** What a cook can choose from: breads, bags, gear, and the reference facts behind them. */
final readonly class KitchenDocument
{
    public function __construct(private Reference $reference)
    {
    }

    /** @return array<string, mixed> */
    public function of(Holdings $holdings): array
    {
        $record = $holdings->record;
        $cooks = $holdings->cooks->map(static fn (User $cook): array => ['id' => (string) $cook->id, 'name' => $cook->name])->all();
        $shelf = Lot::shelf($holdings->lots->whereNull('archived_at'), $record->water);

        return [
            'name' => $holdings->kitchen->name,
            'cup' => $holdings->kitchen->cup,
            'spoon' => $holdings->kitchen->spoon,
            'breads' => $holdings->breads->map($this->bread(...))->all(),
            'lots' => $holdings->lots->map(static fn (Lot $lot): array => LotDocument::of($lot, $record->water))->all(),
            'bags_taken' => (object) $shelf->takenIds(),
            'prices' => (object) $shelf->prices(),
            'gear' => $holdings->gear->map(static fn (Gear $gear): array => GearDocument::of($gear, $record))->all(),
            'cooks' => $cooks,
            'trials' => self::trials($holdings->trials),
            'learned' => LearnDocument::all($record, array_values($cooks)),
            'schools' => array_map(self::school(...), Reference::schools()->rows),
            'styles' => array_map(self::style(...), $this->reference->styles->all()),
            'own_ingredients' => $holdings->own->map(static fn (OwnIngredient $own): array => ['version' => $own->version, 'document' => $own->document])->all(),
            'limits' => ['surface_celsius' => [SurfaceRange::LEAST_CELSIUS, SurfaceRange::MOST_CELSIUS], 'shade_words' => Face::words()],
            'ingredients' => array_map(static fn (Ingredient $ingredient): array => [
                'id' => $ingredient->id, 'name' => $ingredient->name, 'role' => $ingredient->role->value, 'eaten' => $ingredient->isEaten(),
            ], $this->reference->catalogue->all()),
        ];
    }

    /**
     * @param Collection<int, Trial> $open
     * @return list<array{id: string, question: string, bread: string, made: int, total: int, halves: bool, level: string|null}> those whose next batch can be made
     */
    private static function trials(Collection $open): array
    {
        return array_values($open->filter(static fn (Trial $trial): bool => $trial->nextLevel() !== null)->map(static fn (Trial $trial): array => [
            'id' => $trial->uuid,
            'question' => $trial->question,
            'bread' => $trial->bread->name,
            'made' => $trial->batches->count(),
            'total' => $trial->design()->batches(),
            'halves' => $trial->in_halves,
            'level' => $trial->is_blind || $trial->in_halves ? null : $trial->design()->settings()[(int) $trial->nextLevel()]->inWords(),
        ])->all());
    }

    /** @return array<string, mixed> */
    private function bread(Bread $formula): array
    {
        $revision = $formula->newestRevision;
        $style = $this->reference->styles->style($formula->style);

        return [
            'id' => $formula->uuid, 'name' => $formula->name, 'style' => $formula->style, 'purpose' => $style->purpose,
            'archived' => $formula->archived_at !== null,
            'revision' => $revision->number, 'contains_wheat' => $this->containsWheat($revision->document), 'portrait' => $formula->portrait, 'request' => $revision->document,
        ];
    }

    /**
     * Whether a line of the formula is wheat: then every view of the bread says so.
     *
     * @param array<string, mixed> $request
     */
    private function containsWheat(array $request): bool
    {
        $ingredients = data_get($request, 'formula.lines.*.ingredient', []);

        return $this->reference->catalogue->isAnyWheat(array_values(array_filter(is_array($ingredients) ? $ingredients : [], is_string(...))));
    }

    /**
     * A choice, and for the fats the line that each stands for.
     *
     * @param array{step: string, name: string, options: list<array{id: string, name: string, buys: string}>} $row
     * @return array<string, mixed>
     */
    private static function school(array $row): array
    {
        return $row['step'] !== 'fat' ? $row : [...$row, 'options' => array_map(static function (array $option): array {
            $ingredient = Fat::from($option['id'])->ingredient();

            return $ingredient === null ? $option : [...$option, 'line' => ['ingredient' => $ingredient, 'percent' => Fat::USUAL_PERCENT]];
        }, $row['options'])];
    }

    /** @return array<string, mixed> */
    private static function style(Style $style): array
    {
        $range = static fn (Spread $spread): array => [$spread->low, $spread->high];

        return [
            'id' => $style->id, 'name' => $style->name, 'purpose' => $style->purpose,
            'uses' => array_map(static fn (Purpose $use): string => $use->value, $style->uses), 'texture' => $style->texture->value, 'lines' => $style->formula,
            'binding_needed' => $style->bindingNeeded, 'gummy_above' => $style->gummyAbove, 'scalds' => $style->swollenWanted !== null,
            'method' => $style->method->choices(),
            'turns' => array_map(strval(...), array_keys($style->baking->turnPlans)),
            'turns_possible' => array_map(static fn (TurnSchool $school): string => $school->value, $style->baking->schools()),
            'piece_count' => $style->pieceCount, 'piece_grams' => $style->pieceGrams, 'thickness_mm' => $style->thicknessMillimetres,
            'hydration_range' => $range($style->hydrationBand), 'water_celsius_range' => $range($style->waterCelsius),
            'piece_grams_range' => $range($style->pieceGramsBand), 'thickness_range' => $range($style->thicknessBand),
            'surface_celsius' => $style->baking->surfaceCelsius->likely, 'surface_celsius_range' => $range($style->baking->surfaceCelsius),
        ];
    }
}
