<?php

declare(strict_types=1);

namespace App\Exports;

use DateTimeImmutable;
use StoneMill\Document\PlanDocument;
use StoneMill\Dough\LedgerRow;
use StoneMill\Dough\WeighedExtra;
use StoneMill\Label\GlutenStatus;
use StoneMill\Line\RunRow;
use StoneMill\Line\RunSheet;
use StoneMill\Plan\BatchPlan;

/**
 * A bread as other programs read one: a Recipe of schema.org, as JSON-LD. It says what the plan says, for nobody in particular: what it is free
 * of is only said where every line comes from a certified lot.
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
        $sheet = RunSheet::of($name, PlanDocument::of($plan)->sheet(), new DateTimeImmutable('@0'));
        $rows = array_values(array_filter($sheet->rows, static fn (RunRow $row): bool => $row->what !== RunSheet::KEEP));
        $count = $plan->portions->count;
        $isFree = $plan->label->gluten === GlutenStatus::AllCertified;

        return array_filter([
            '@context' => 'https://schema.org',
            '@type' => 'Recipe',
            'name' => $sheet->title,
            'description' => trim($plan->request->style->purpose.' '.$sheet->eaters),
            'recipeCategory' => 'Flatbread',
            'recipeYield' => [(string) $count, sprintf('%d pieces, for %d', $count, max(1, intdiv($count, $plan->eachTakes())))],
            'prepTime' => self::duration(self::until($sheet, $rows)),
            'cookTime' => self::duration($sheet->readyAt->getTimestamp() - $sheet->startsAt->getTimestamp() - self::until($sheet, $rows)),
            'totalTime' => self::duration($sheet->readyAt->getTimestamp() - $sheet->startsAt->getTimestamp()),
            'recipeIngredient' => self::ingredients($plan),
            'recipeInstructions' => self::steps($rows),
            'nutrition' => self::nutrition($plan),
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

    /** @return list<string> */
    private static function ingredients(BatchPlan $plan): array
    {
        $line = static fn (float $grams, string $name, string $more): string => sprintf('%s g %s%s', round($grams, $grams < 20 ? 1 : 0), lcfirst($name), $more);
        $lines = array_map(static fn (LedgerRow $row): string => $line($row->line->grams, $row->line->ingredient->name, " ({$plan->request->dipped($row->line->grams, $row->line->ingredient->spoonDensity())})"), $plan->dough->ledger->rows);
        $extras = array_map(static fn (WeighedExtra $extra): string => $line($extra->grams(), $extra->ingredient->name, ', '.$extra->place->inWords()), $plan->piece->extras);

        $water = $line($plan->dough->pour->grams, 'water', sprintf(', %.0f °C', max(0.0, $plan->dough->waterCelsius)));

        return [...$lines, $water, ...$extras];
    }

    /** @return array<string, string> */
    private static function nutrition(BatchPlan $plan): array
    {
        $each = $plan->eachTakes();
        $holds = $plan->label->inPieces($each, '');
        $value = static fn (string $fact): float => $holds[$fact]->value ?? 0.0;
        $grams = static fn (string $fact): string => sprintf('%.1f g', $value($fact));

        return [
            '@type' => 'NutritionInformation',
            'servingSize' => sprintf('%d pieces, %.0f g', $each, $plan->label->eaten($each)->value),
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
