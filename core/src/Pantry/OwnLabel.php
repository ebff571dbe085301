<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Exchange\Node;

/**
 * An ingredient of the cook's own, from the table on its package. What a package does not tell, how it takes water and
 * holds, is borrowed from a catalogue ingredient that it is like, with a wider spread.
 */
final readonly class OwnLabel
{
    public const ID = '/^own-[a-z0-9]+(-[a-z0-9]+)*$/D';

    private const MOST = 40;

    private const FIELDS = ['id', 'name', 'like', 'allergens', 'per_100_g'];

    private const PARTS = ['energy_kj', 'fat', 'carbohydrate', 'sugars', 'fibre', 'protein', 'salt', 'fibre_within_carbohydrate'];

    private const MOST_SUM_GRAMS = 103.0;

    /** Printed and counted energy may differ by this share, the usual tolerance of labels, or by the least. */
    private const ENERGY_TOLERANCE = 0.20;

    private const ENERGY_LEAST_KILOJOULES = 40.0;

    /** Borrowed absorption is that much less sure. Planning estimate. */
    private const WIDER = 1.5;

    private function __construct(public Ingredient $ingredient, public float $countedKilojoules, public float $sumGrams)
    {
    }

    public static function read(Node $node, Catalogue $catalogue): ?self
    {
        $node->object(self::FIELDS);
        $id = $node->at('id')->text(60);
        if ($id !== '' && preg_match(self::ID, $id) !== 1) {
            $node->at('id')->refuse('This is not a name for an own ingredient.', 'own- and lower-case letters, digits and hyphens');
        }
        $name = $node->at('name')->text(80);
        $like = $node->at('like')->text(60);
        if ($like !== '') {
            $catalogue->refuseUnknown($like, $node->at('like'));
        }
        $allergens = $node->at('allergens')->isAbsent() ? null : $node->at('allergens')->choices(Allergen::class, 12);
        $parts = self::parts($node->at('per_100_g'));
        if ($parts === null || $like === '' || ! $catalogue->has($like)) {
            return null;
        }

        return self::build($id, $name, $catalogue->ingredient($like), $allergens, $parts);
    }

    /** @return list<Ingredient> those that could be read; what is wrong with the others is in the findings */
    public static function readAll(Node $node, Catalogue $catalogue): array
    {
        $own = [];
        foreach ($node->items(0, self::MOST) as $item) {
            $label = self::read($item, $catalogue);
            if ($label !== null) {
                $own[] = $label->ingredient;
            }
        }

        return $own;
    }

    /** @return array{energy_kj: float, fat: float, carbohydrate: float, sugars: float, fibre: float, protein: float, salt: float}|null */
    private static function parts(Node $node): ?array
    {
        $node->object(self::PARTS);
        $gram = static fn (string $field): float => $node->at($field)->number(0, 100, 'g in 100 g');
        $parts = [
            'energy_kj' => $node->at('energy_kj')->number(0, 3800, 'kJ in 100 g'),
            'fat' => $gram('fat'), 'carbohydrate' => $gram('carbohydrate'),
            'sugars' => $node->at('sugars')->optionalNumber(0, 100, 'g in 100 g') ?? 0.0,
            'fibre' => $node->at('fibre')->optionalNumber(0, 100, 'g in 100 g') ?? 0.0,
            'protein' => $gram('protein'), 'salt' => $gram('salt'),
        ];
        if ($node->at('fibre_within_carbohydrate')->optionalBoolean() === true) {
            $parts['carbohydrate'] -= $parts['fibre'];
        }
        if ($parts['carbohydrate'] < 0) {
            $node->at('fibre')->refuse('There is more fibre than the carbohydrate it is said to be part of.', 'at most the carbohydrate');

            return null;
        }

        return self::addsUp($node, $parts) ? $parts : null;
    }

    /** @param array{energy_kj: float, fat: float, carbohydrate: float, sugars: float, fibre: float, protein: float, salt: float} $parts */
    private static function addsUp(Node $node, array $parts): bool
    {
        $sum = self::sum($parts);
        if ($sum > self::MOST_SUM_GRAMS) {
            $node->refuse(sprintf('Fat, carbohydrate, fibre, protein and salt come to %.1f g in 100 g.', $sum), sprintf('at most %d g together', self::MOST_SUM_GRAMS));

            return false;
        }
        if ($parts['sugars'] > $parts['carbohydrate'] + 0.5) {
            $node->at('sugars')->refuse('There are more sugars than carbohydrate.', 'at most the carbohydrate without fibre');

            return false;
        }
        $counted = self::counted($parts);
        if (abs($parts['energy_kj'] - $counted) > max(self::ENERGY_LEAST_KILOJOULES, self::ENERGY_TOLERANCE * $counted)) {
            $node->at('energy_kj')->refuse('The energy does not fit what is in it.', sprintf('within 20 %% of %.0f kJ, which the parts come to', $counted));

            return false;
        }

        return true;
    }

    /**
     * @param list<Allergen>|null $allergens
     * @param array{energy_kj: float, fat: float, carbohydrate: float, sugars: float, fibre: float, protein: float, salt: float} $parts
     */
    private static function build(string $id, string $name, Ingredient $like, ?array $allergens, array $parts): self
    {
        $sum = self::sum($parts);
        // The table does not name water and minerals; what is left is shared as in the ingredient it is like.
        $rest = max(0.0, 100 - $sum + $parts['salt']);
        $known = $like->composition->waterGrams + $like->composition->ashGrams;
        $ash = max($parts['salt'], $known > 0 ? $rest * $like->composition->ashGrams / $known : 0.0);
        $composition = Composition::per100Grams([
            ...$parts, 'water' => max(0.0, $rest - $ash), 'ash' => $ash,
        ]);

        return new self($like->borrowed($id, $name, $composition, $allergens ?? $like->allergens, self::WIDER), self::counted($parts), $sum);
    }

    /** @param array<string, float> $parts */
    private static function sum(array $parts): float
    {
        return $parts['fat'] + $parts['carbohydrate'] + $parts['fibre'] + $parts['protein'] + $parts['salt'];
    }

    /** @param array<string, float> $parts */
    private static function counted(array $parts): float
    {
        return 17 * $parts['protein'] + 37 * $parts['fat'] + 17 * $parts['carbohydrate'] + 8 * $parts['fibre'];
    }
}
