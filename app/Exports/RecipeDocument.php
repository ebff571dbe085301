<?php

declare(strict_types=1);

namespace App\Exports;

use DateTimeImmutable;
use StoneMill\Label\GlutenStatus;
use StoneMill\Line\RunRow;
use StoneMill\Line\RunSheet;
use StoneMill\Plan\BatchPlan;

/**
 * A bread as other programs read one: a Recipe of schema.org, as JSON-LD. It says what the plan says, for nobody in particular: what it is free
 * of is only said where every line comes from a certified lot.
 *
 * @phpstan-import-type SheetPlan from RunSheet
 *
 * @phpstan-type Facts array<string, array{value: float}>
 * @phpstan-type RecipePlan array{ledger: list<array{grams: float, name: string, spoons: string}>, extras: list<array{grams: float, name: string, words: string}>, water: array{grams: array{value: float}, celsius: array{value: float}}, portion: array{count: int}, label: array{serving: array{each: int, count: int}, per_serving: Facts}}
 */
final readonly class RecipeDocument
{
    /** By definition of the thermochemical calorie. */
    private const KILOJOULES_IN_KILOCALORIE = 4.184;

    /** Rows of the sheet at the hot metal; all before is making. */
    private const AT_THE_HEAT = ['griddle', 'finish'];

    /** @return array<string, mixed> */
    public static function of(string $name, BatchPlan $plan): array
    {
        $told = $plan->toArray();
        /** @var SheetPlan $told */
        $sheet = RunSheet::of($name, $told, new DateTimeImmutable('@0'));
        /** @var RecipePlan $told */
        $document = $told;
        $rows = array_values(array_filter($sheet->rows, static fn (RunRow $row): bool => $row->what !== RunSheet::KEEP));
        ['count' => $count] = $document['portion'];
        $isFree = $plan->label->gluten === GlutenStatus::AllCertified;

        return array_filter([
            '@context' => 'https://schema.org',
            '@type' => 'Recipe',
            'name' => $sheet->title,
            'description' => trim($plan->request->style->purpose.' '.$sheet->eaters),
            'recipeCategory' => 'Flatbread',
            'recipeYield' => [(string) $count, sprintf('%d pieces, for %d', $count, max(1, $document['label']['serving']['count']))],
            'prepTime' => self::duration(self::until($sheet, $rows)),
            'cookTime' => self::duration($sheet->readyAt->getTimestamp() - $sheet->startsAt->getTimestamp() - self::until($sheet, $rows)),
            'totalTime' => self::duration($sheet->readyAt->getTimestamp() - $sheet->startsAt->getTimestamp()),
            'recipeIngredient' => self::ingredients($document),
            'recipeInstructions' => self::steps($rows),
            'nutrition' => self::nutrition($document),
            'suitableForDiet' => $isFree ? 'https://schema.org/GlutenFreeDiet' : null,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /**
     * What is done again and again, one load after another, stands once.
     *
     * @param list<RunRow> $rows
     * @return list<array{'@type': string, name: string, text: string}>
     */
    private static function steps(array $rows): array
    {
        $steps = [];
        foreach ($rows as $row) {
            $text = trim($row->says.'. '.$row->detail);
            if (($steps[count($steps) - 1]['text'] ?? null) !== $text) {
                $steps[] = ['@type' => 'HowToStep', 'name' => $row->says, 'text' => $text];
            }
        }

        return $steps;
    }

    /**
     * Seconds from the start until something lies on the heat.
     *
     * @param list<RunRow> $rows
     */
    private static function until(RunSheet $sheet, array $rows): int
    {
        foreach ($rows as $row) {
            if (in_array(explode('-', $row->what)[0], self::AT_THE_HEAT, true)) {
                return $row->from->getTimestamp() - $sheet->startsAt->getTimestamp();
            }
        }

        return 0;
    }

    /**
     * @param RecipePlan $document
     * @return list<string>
     */
    private static function ingredients(array $document): array
    {
        $line = static fn (float $grams, string $name, string $more): string => sprintf('%s g %s%s', round($grams, $grams < 20 ? 1 : 0), lcfirst($name), $more);
        $lines = array_map(static fn (array $row): string => $line($row['grams'], $row['name'], " ({$row['spoons']})"), $document['ledger']);
        $extras = array_map(static fn (array $row): string => $line($row['grams'], $row['name'], ', '.$row['words']), $document['extras']);

        $water = $line($document['water']['grams']['value'], 'water', sprintf(', %.0f °C', $document['water']['celsius']['value']));

        return [...$lines, $water, ...$extras];
    }

    /**
     * @param RecipePlan $document
     * @return array<string, string>
     */
    private static function nutrition(array $document): array
    {
        ['per_serving' => $holds, 'serving' => ['each' => $each]] = $document['label'];
        $value = static fn (string $fact): float => $holds[$fact]['value'] ?? 0.0;
        $grams = static fn (string $fact): string => sprintf('%.1f g', $value($fact));

        return [
            '@type' => 'NutritionInformation',
            'servingSize' => sprintf('%d pieces, %.0f g', $each, $value('grams')),
            'calories' => sprintf('%.0f kcal', $value('energy_kj') / self::KILOJOULES_IN_KILOCALORIE),
            'fatContent' => $grams('fat_grams'),
            'carbohydrateContent' => $grams('carbohydrate_grams'),
            'sugarContent' => $grams('sugars_grams'),
            'fiberContent' => $grams('fibre_grams'),
            'proteinContent' => $grams('protein_grams'),
            // Salt is 2.5 times its sodium by the rule of food labels.
            'sodiumContent' => sprintf('%.0f mg', 1000 * $value('salt_grams') / 2.5),
        ];
    }

    private static function duration(int $seconds): string
    {
        return sprintf('PT%dM', max(1, (int) round($seconds / 60)));
    }
}
