<?php

declare(strict_types=1);

namespace StoneMill\Tests\Label;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\School\ExtraPlace;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** The label of one bread of each kind, added up again line by line from the tables, without the label's own sums. */
final class LabelOfKindsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function kinds(): iterable
    {
        $beside = static fn (string $ingredient, string $place, float $each): array => ['ingredient' => $ingredient, 'place' => $place, 'grams_each' => $each];
        yield 'pressed and melted' => [['style' => 'pressed-masa', 'pieces' => ['count' => 8], 'purpose' => 'fold', 'formula' => ['extras' => [$beside('cheese-stretching', 'after', 25)]]]];
        yield 'a thick round, split' => [['style' => 'thick-corn-round', 'pieces' => ['count' => 4], 'purpose' => 'split', 'formula' => ['extras' => [$beside('butter', 'after', 6)]]]];
        yield 'a topped pan bread in two pans' => [['style' => 'chickpea-pan-bread', 'pieces' => ['count' => 2], 'gear' => ['pan' => ['diameter_mm' => 240, 'count' => 2]], 'formula' => ['extras' => [$beside('tomato', 'topping', 40)]]]];
        yield 'filled' => [['style' => 'patted-masa', 'pieces' => ['count' => 6], 'formula' => ['extras' => [$beside('fresh-cheese', 'filling', 25), $beside('rice-white', 'dusting', 1.5)]]]];
        yield 'rolled and cut' => [['style' => 'almond-coconut-wrap', 'pieces' => ['count' => 10]]];
        yield 'coated and pressed crisp' => [['style' => 'millet-round', 'pieces' => ['count' => 6], 'formula' => ['extras' => [$beside('sesame-whole', 'coating', 4)]]]];
        yield 'raised' => [['style' => 'raised-round', 'pieces' => ['count' => 8]]];
        yield 'chips' => [['style' => 'pressed-masa', 'pieces' => ['count' => 8], 'purpose' => 'crisp', 'formula' => ['extras' => [$beside('sunflower-oil', 'after', 3)]]]];
        yield 'rice from the pot' => [['style' => 'rice-round', 'pieces' => ['count' => 8], 'formula' => ['method' => ['scald' => 'all_in_pot']]]];
        yield 'whole corn' => [['style' => 'nixtamal-masa', 'pieces' => ['count' => 14]]];
    }

    /** @param array<string, mixed> $request */
    #[DataProvider('kinds')]
    public function test_the_label_of_each_kind_adds_up_line_by_line(array $request): void
    {
        $plan = new Said(PlanDocument::of(Bench::planOf($request))->json);
        $catalogue = Bench::reference()->catalogue;
        $share = Said::at($plan, 'portion.piece_grams.value')->number() / Said::at($plan, 'portion.mixed_grams.value')->number();
        $sums = ['protein_grams' => 0.0, 'fat_grams' => 0.0, 'salt_grams' => 0.0, 'net_carbohydrate_grams' => 0.0, 'energy_kj' => 0.0];
        $add = static function (string $id, float $grams) use (&$sums, $catalogue): void {
            $of = $catalogue->ingredient($id)->composition;
            foreach (['protein_grams' => $of->proteinGrams, 'fat_grams' => $of->fatGrams, 'salt_grams' => $of->saltGrams, 'net_carbohydrate_grams' => $of->carbohydrateGrams, 'energy_kj' => $of->energyKilojoules] as $fact => $in100) {
                $sums[$fact] += $in100 * $grams / 100;
            }
        };
        // Of each line of the dough what is in one piece; of what is beside it, what is eaten of a piece's share.
        foreach ($plan['ledger'] as $line) {
            $add($line['ingredient']->text(), $share * $line['grams']->number());
        }
        $allergens = [];
        foreach ($plan['extras'] as $extra) {
            $add($extra['ingredient']->text(), ExtraPlace::from($extra['place']->text())->eatenShare()->likely * $extra['grams_each']->number());
        }
        foreach ([...$plan['ledger'], ...$plan['extras']] as $line) {
            $allergens = [...$allergens, ...array_map(static fn ($allergen): string => $allergen->value, $catalogue->ingredient($line['ingredient']->text())->allergens)];
        }
        foreach ($sums as $fact => $sum) {
            self::assertEqualsWithDelta($sum, Said::at($plan, "label.per_piece.$fact.value")->number(), 0.01 * $sum + 0.02, $fact);
        }
        $named = array_column(Said::at($plan, 'label.allergens')->all(), 'id');
        self::assertEqualsCanonicalizing(array_values(array_unique($allergens)), $named);
    }
}
