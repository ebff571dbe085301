<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Dough\WeighedLine;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\Allergen;
use StoneMill\Pantry\Composition;

/** What is in a piece: nutrition as eaten, allergens, gluten status. */
final readonly class Label
{
    /** Food composition varies by bag and harvest; typical tables are good to about this. */
    private const TABLE_REACH = 0.08;

    /**
     * @param list<Allergen> $allergens
     * @param list<string> $uncertified names of lines without a certified lot
     * @param list<array{name: string, share_percent: float, allergens: list<string>}> $ingredients the heaviest first, as they went in
     */
    private function __construct(
        private Composition $raw,
        public float $rawPieceGrams,
        private Spread $keptShare,
        public array $allergens,
        public GlutenStatus $gluten,
        public array $uncertified,
        public array $ingredients,
    ) {
    }

    /**
     * @param list<WeighedLine> $lines water included
     * @param Spread $weightLossPercent of the piece on the griddle, all of it water
     * @param array<string, bool> $certifiedLots
     */
    public static function of(array $lines, float $rawPieceGrams, Spread $weightLossPercent, array $certifiedLots): self
    {
        $raw = WeighedLine::mixed($lines);
        $kept = Spread::of(1 - $weightLossPercent->high / 100, 1 - $weightLossPercent->likely / 100, 1 - $weightLossPercent->low / 100);

        return new self($raw, $rawPieceGrams, $kept, self::allergensOf($lines), GlutenStatus::of($lines, $certifiedLots), GlutenStatus::uncertified($lines, $certifiedLots), self::ingredientsOf($lines));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'per_piece' => [
                'grams' => $this->eatenPiece()->toArray(),
                ...$this->facts(Spread::exactly($this->rawPieceGrams / 100), 'In one piece; only water leaves on the griddle.'),
            ],
            'per_100_g' => $this->facts(
                Spread::of(1 / $this->keptShare->high, 1 / $this->keptShare->likely, 1 / $this->keptShare->low),
                'In 100 g as eaten, after the water lost on the griddle.',
            ),
            'per_100_g_raw' => $this->facts(Spread::exactly(1.0), 'In 100 g of raw dough.'),
            'ingredients' => $this->ingredients,
            'allergens' => array_map(static fn (Allergen $allergen): array => ['id' => $allergen->value, 'words' => $allergen->inWords()], $this->allergens),
            'contains' => $this->inWords(),
            'gluten' => ['status' => $this->gluten->value, 'words' => $this->gluten->inWords(), 'uncertified' => $this->uncertified],
        ];
    }

    private function inWords(): string
    {
        $names = implode(', ', array_map(static fn (Allergen $allergen): string => $allergen->inWords(), $this->allergens));

        return $names === '' ? 'None of the allergens we list.' : "Contains $names.";
    }

    public function carbohydratePer100GramsRaw(): float
    {
        return $this->raw->carbohydrateGrams;
    }

    private function eatenPiece(): Figure
    {
        return Figure::spread(
            $this->keptShare->multipliedBy($this->rawPieceGrams),
            Unit::Gram,
            Reason::amount('Raw piece', $this->rawPieceGrams, Unit::Gram),
            Reason::amount('Share left after the griddle', $this->keptShare->likely, Unit::Share),
        );
    }

    /**
     * @param Spread $hundreds of raw grams
     * @return array<string, array<string, mixed>>
     */
    private function facts(Spread $hundreds, string $basis): array
    {
        $raw = $this->raw;
        $per100 = [
            'protein_grams' => $raw->proteinGrams,
            'fat_grams' => $raw->fatGrams,
            'carbohydrate_grams' => $raw->carbohydrateGrams,
            'sugars_grams' => $raw->sugarsGrams,
            'fibre_grams' => $raw->fibreGrams,
            'salt_grams' => $raw->saltGrams,
            // The convention that counts fibre into total carbohydrate takes it out again for "net".
            'total_carbohydrate_grams' => $raw->carbohydrateGrams + $raw->fibreGrams,
            'net_carbohydrate_grams' => $raw->carbohydrateGrams,
        ];
        $facts = ['energy_kj' => self::fact($raw->energyKilojoules, $hundreds, Unit::Kilojoule, $basis)];
        foreach ($per100 as $name => $grams) {
            $facts[$name] = self::fact($grams, $hundreds, Unit::Gram, $basis);
        }

        return $facts;
    }

    /** @return list<Allergen> what this one has and the other has not */
    public function allergensBeyond(self $other): array
    {
        return array_values(array_filter($this->allergens, static fn (Allergen $allergen): bool => ! in_array($allergen, $other->allergens, true)));
    }

    /** @return array<string, mixed> */
    private static function fact(float $per100, Spread $hundreds, Unit $unit, string $basis): array
    {
        $spread = Spread::of(
            $per100 * $hundreds->low * (1 - self::TABLE_REACH),
            $per100 * $hundreds->likely,
            $per100 * $hundreds->high * (1 + self::TABLE_REACH),
        );

        return Figure::spread($spread, $unit, Reason::saying($basis))->toArray();
    }

    /**
     * @param list<WeighedLine> $lines
     * @return list<array{name: string, share_percent: float, allergens: list<string>}>
     */
    private static function ingredientsOf(array $lines): array
    {
        $all = array_sum(array_map(static fn (WeighedLine $line): float => $line->grams, $lines));
        $put = array_values(array_filter($lines, static fn (WeighedLine $line): bool => $line->grams > 0));
        usort($put, static fn (WeighedLine $one, WeighedLine $other): int => $other->grams <=> $one->grams);

        return array_map(static fn (WeighedLine $line): array => [
            'name' => $line->ingredient->name,
            'share_percent' => round(100 * $line->grams / $all, 1),
            'allergens' => array_map(static fn (Allergen $allergen): string => $allergen->inWords(), $line->ingredient->allergens),
        ], $put);
    }

    /**
     * @param list<WeighedLine> $lines
     * @return list<Allergen> each once, in the order of the enum
     */
    private static function allergensOf(array $lines): array
    {
        $present = array_merge(...array_map(static fn (WeighedLine $line): array => $line->ingredient->allergens, $lines));

        return array_values(array_filter(Allergen::cases(), static fn (Allergen $allergen): bool => in_array($allergen, $present, true)));
    }
}
