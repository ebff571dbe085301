<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Exception\UnworkableFormula;
use StoneMill\Dough\Formula;
use StoneMill\Dough\FormulaLine;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Cup;
use StoneMill\Measure\Fill;
use StoneMill\Measure\Spread;
use StoneMill\Measure\VolumeUnit;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\Grind;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\School\Fat;
use StoneMill\School\GoesIn;
use StoneMill\Style\Style;

/** Reads the lines of a formula, or takes those of the style where none are given. */
final readonly class FormulaReader
{
    /** @param Cup|null $cup of the kitchen; null where nobody said which it is */
    public function __construct(private Catalogue $catalogue, private Findings $findings, private ?Cup $cup = null)
    {
    }

    /**
     * @param list<string> $lots the lots that the request describes
     * @param Fat $fat of the style's own lines, where none are given; lines that are given say themselves what fat is in them
     */
    public function read(Node $lines, Style $style, array $lots, Fat $fat): ?Formula
    {
        if ($lines->isAbsent()) {
            return $this->formula($lines, $this->styleLines($style, $fat));
        }
        $before = $this->findings->areEmpty();
        $read = [];
        $seen = [];
        foreach ($lines->items(1, Limits::LINES) as $node) {
            $line = $this->line($node, $lots);
            if ($line !== null && isset($seen[$line->ingredient->id])) {
                $node->at('ingredient')->refuse('This ingredient stands in the formula twice.', 'each ingredient once; '.$seen[$line->ingredient->id].' has it already');
            }
            if ($line !== null) {
                $seen[$line->ingredient->id] = $node->path;
                $read[] = $line;
            }
        }

        return $before && $this->findings->areEmpty() ? $this->formula($lines, $read) : null;
    }

    /** @param list<FormulaLine> $lines */
    private function formula(Node $node, array $lines): ?Formula
    {
        try {
            return Formula::of($lines);
        } catch (UnworkableFormula $refusal) {
            $node->refuse($refusal->getMessage(), 'at least one flour or starch; percentages of flour that add up to 100');

            return null;
        }
    }

    /** @return list<FormulaLine> */
    private function styleLines(Style $style, Fat $fat): array
    {
        $lines = self::usualLines($style, $this->catalogue);
        if ($fat === self::fatIn($lines)) {
            return $lines;
        }
        $others = array_values(array_filter($lines, static fn (FormulaLine $line): bool => $line->ingredient->role !== Role::Fat));
        $fatPercent = array_sum(array_map(static fn (FormulaLine $line): float => $line->ingredient->role === Role::Fat ? (float) $line->percent : 0.0, $lines));
        $ingredient = $fat->ingredient();

        return $ingredient === null ? $others : [
            ...$others,
            FormulaLine::percent($this->catalogue->ingredient($ingredient), $fatPercent > 0 ? $fatPercent : Fat::USUAL_PERCENT),
        ];
    }

    /** @return list<FormulaLine> the style's own */
    public static function usualLines(Style $style, Catalogue $catalogue): array
    {
        return array_map(
            static fn (array $line): FormulaLine => FormulaLine::percent($catalogue->ingredient($line['ingredient']), $line['percent']),
            $style->formula,
        );
    }

    /**
     * The school of the fat in these lines: of the first, where there are several.
     *
     * @param list<FormulaLine> $lines
     */
    public static function fatIn(array $lines): Fat
    {
        foreach ($lines as $line) {
            if ($line->ingredient->role === Role::Fat) {
                return Fat::ofIngredient($line->ingredient->id);
            }
        }

        return Fat::None;
    }

    /** @param list<string> $lots */
    private function line(Node $node, array $lots): ?FormulaLine
    {
        $node->object(['ingredient', 'grams', 'percent', 'volume', 'lot', 'grind', 'goes_in']);
        $id = $node->at('ingredient')->text(60);
        if ($id !== '') {
            $this->catalogue->refuseUnknown($id, $node->at('ingredient'));
        }
        $lot = $node->at('lot')->optionalText(60);
        if ($lot !== null && $lot !== '' && ! in_array($lot, $lots, true)) {
            $node->at('lot')->refuse('This lot is not described under lots.', 'a name under lots');
        }

        $grind = $node->at('grind')->optionalChoice(Grind::class) ?? Grind::Shop;
        $ingredient = $this->catalogue->has($id) ? $this->catalogue->ingredient($id) : null;
        if ($ingredient?->role === Role::Kernel) {
            $node->at('ingredient')->refuse('Whole kernels do not make a dough.', 'what is ground from them, such as nixtamal');
        }

        return $this->amount($node, $ingredient, $lot, $grind)?->goingIn($node->at('goes_in')->optionalChoice(GoesIn::class));
    }

    private function amount(Node $node, ?Ingredient $ingredient, ?string $lot, Grind $grind): ?FormulaLine
    {
        $given = array_values(array_filter(['grams', 'percent', 'volume'], static fn (string $field): bool => ! $node->at($field)->isAbsent()));
        if (count($given) !== 1) {
            $node->refuse($given === [] ? 'This line has no amount.' : 'This line has more than one amount.', 'one of grams, percent, volume');

            return null;
        }
        if ($given[0] === 'percent') {
            $percent = $node->at('percent')->number(Limits::LEAST_PERCENT, Limits::MOST_PERCENT, '% of flour base');

            return $ingredient === null ? null : FormulaLine::percent($ingredient, $percent, $lot, $grind);
        }
        $grams = $given[0] === 'grams'
            ? Spread::exactly($node->at('grams')->number(Limits::LEAST_GRAMS, Limits::MOST_GRAMS, 'g'))
            : $this->volume($node->at('volume'), $ingredient);

        return $ingredient === null || $grams === null ? null : FormulaLine::grams($ingredient, $grams, $lot, $grind);
    }

    private function volume(Node $node, ?Ingredient $ingredient): ?Spread
    {
        $node->object(['amount', 'unit', 'fill']);
        $amount = $node->at('amount')->number(Limits::LEAST_VOLUME, Limits::MOST_VOLUME);
        $unit = $node->at('unit')->choice(VolumeUnit::class);
        $fill = $node->at('fill')->optionalChoice(Fill::class);
        $grams = $ingredient?->gramsIn($unit->spread($this->cup)->multipliedBy($amount), $fill);
        if ($grams !== null && $grams->likely > Limits::MOST_GRAMS) {
            $node->at('amount')->refuse('This weighs more than a line may.', sprintf('a volume that holds at most %d g', Limits::MOST_GRAMS));

            return null;
        }

        return $grams;
    }
}
