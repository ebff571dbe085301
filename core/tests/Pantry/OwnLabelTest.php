<?php

declare(strict_types=1);

namespace StoneMill\Tests\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Pantry\OwnLabel;
use StoneMill\Pantry\SourceKind;
use StoneMill\Tests\Bench;

final class OwnLabelTest extends TestCase
{
    private const LABEL = [
        'id' => 'own-hill-sorghum', 'name' => 'Sorghum from the hill', 'like' => 'sorghum',
        'per_100_g' => ['energy_kj' => 1490, 'fat' => 3.0, 'carbohydrate' => 69.0, 'sugars' => 1.5, 'fibre' => 7.0, 'protein' => 9.0, 'salt' => 0.02],
    ];

    public function test_a_label_that_adds_up_becomes_an_ingredient(): void
    {
        // 3.0 + 69.0 + 7.0 + 9.0 + 0.02 = 88.02 g; the rest, 11.98 g and the salt again, is water and ash as in sorghum (10.3 : 1.3).
        $label = self::read(self::LABEL);
        self::assertNotNull($label);
        self::assertEqualsWithDelta(88.02, $label->sumGrams, 1e-9);
        // 17 · 9 + 37 · 3 + 17 · 69 + 8 · 7 = 153 + 111 + 1173 + 56 = 1493 kJ
        self::assertEqualsWithDelta(1493, $label->countedKilojoules, 1e-9);
        $composition = $label->ingredient->composition;
        self::assertEqualsWithDelta(12 * 10.3 / 11.6, $composition->waterGrams, 1e-6);
        self::assertEqualsWithDelta(12 * 1.3 / 11.6, $composition->ashGrams, 1e-6);
        self::assertSame(SourceKind::OwnLabel, $label->ingredient->sourceKind);
    }

    public function test_what_the_package_does_not_tell_is_borrowed_and_less_sure(): void
    {
        $sorghum = Bench::reference()->catalogue->ingredient('sorghum');
        $own = self::read(self::LABEL)?->ingredient;
        self::assertNotNull($own);
        self::assertSame($sorghum->hotAbsorption->likely, $own->hotAbsorption->likely);
        self::assertEqualsWithDelta(1.5 * $sorghum->hotAbsorption->deviation(), $own->hotAbsorption->deviation(), 1e-9);
        self::assertSame($sorghum->hotBinding, $own->hotBinding);
        self::assertSame($sorghum->family, $own->family);
    }

    public function test_fibre_that_the_package_counts_as_carbohydrate_is_taken_out_once(): void
    {
        $apart = self::read(self::LABEL);
        $within = self::read(self::with(['carbohydrate' => 76.0, 'fibre_within_carbohydrate' => true]));
        self::assertNotNull($apart);
        self::assertNotNull($within);
        self::assertEqualsWithDelta($apart->ingredient->composition->carbohydrateGrams, $within->ingredient->composition->carbohydrateGrams, 1e-9);
        self::assertEqualsWithDelta($apart->sumGrams, $within->sumGrams, 1e-9);
    }

    public function test_allergens_are_the_borrowed_ones_unless_the_package_says(): void
    {
        $almond = [...self::LABEL, 'like' => 'almond-blanched', 'per_100_g' => ['energy_kj' => 2460, 'fat' => 52, 'carbohydrate' => 9, 'fibre' => 10, 'protein' => 21, 'salt' => 0.1]];
        self::assertSame(['tree_nuts'], array_column(self::read($almond)->ingredient->allergens ?? [], 'value'));
        self::assertSame(['sesame'], array_column(self::read([...$almond, 'allergens' => ['sesame']])->ingredient->allergens ?? [], 'value'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'more than there is' => [self::with(['carbohydrate' => 88]), 'per_100_g'];
        yield 'energy of something else' => [self::with(['energy_kj' => 800]), 'per_100_g.energy_kj'];
        yield 'more sugars than carbohydrate' => [self::with(['sugars' => 75]), 'per_100_g.sugars'];
        yield 'more fibre than it is part of' => [self::with(['carbohydrate' => 5, 'fibre' => 7, 'fibre_within_carbohydrate' => true]), 'per_100_g.fibre'];
        yield 'a negative amount' => [self::with(['fat' => -1]), 'per_100_g.fat'];
        yield 'text' => [self::with(['protein' => 'nine']), 'per_100_g.protein'];
        yield 'a part left out' => [[...self::LABEL, 'per_100_g' => ['energy_kj' => 1490]], 'per_100_g.fat'];
        yield 'nothing it is like' => [[...self::LABEL, 'like' => 'moon-dust'], 'like'];
        yield 'a name that hides a shipped one' => [[...self::LABEL, 'id' => 'sorghum'], 'id'];
        yield 'a field nobody knows' => [[...self::LABEL, 'colour' => 'red'], 'colour'];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('wrong')]
    public function test_a_label_that_does_not_add_up_is_refused_at_its_place(array $document, string $path): void
    {
        $findings = new Findings;
        OwnLabel::read(Node::root($document, $findings), Bench::reference()->catalogue);
        self::assertContains($path, self::paths($findings));
    }

    public function test_a_formula_can_name_an_own_ingredient(): void
    {
        $plan = Bench::planOf(['style' => 'millet-round', 'own_ingredients' => [self::LABEL], 'formula' => ['lines' => [['ingredient' => 'own-hill-sorghum', 'percent' => 100], ['ingredient' => 'salt', 'percent' => 1]]]]);
        self::assertSame('Sorghum from the hill', $plan->dough->ledger->rows[0]->line->ingredient->name);
        // Borrowed absorption, and so the same water; but less sure of it.
        $plain = Bench::plan('millet-round');
        self::assertEqualsWithDelta($plain->dough->hydrationPercent(), $plan->dough->hydrationPercent(), 1.5);
        self::assertGreaterThan($plain->dough->ledger->deviationGrams(), $plan->dough->ledger->deviationGrams());
    }

    /**
     * @param array<string, mixed> $parts
     * @return array<string, mixed>
     */
    private static function with(array $parts): array
    {
        return [...self::LABEL, 'per_100_g' => [...self::LABEL['per_100_g'], ...$parts]];
    }

    /** @param array<string, mixed> $document */
    private static function read(array $document): ?OwnLabel
    {
        $findings = new Findings;
        $label = OwnLabel::read(Node::root($document, $findings), Bench::reference()->catalogue);
        $findings->refuseIfAny();

        return $label;
    }

    /** @return list<string> */
    private static function paths(Findings $findings): array
    {
        try {
            $findings->refuseIfAny();
        } catch (\StoneMill\Exchange\Exception\InvalidInput $refusal) {
            return array_map(static fn ($error): string => $error->path, $refusal->errors);
        }

        return [];
    }
}
