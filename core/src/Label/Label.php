<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Dough\WeighedExtra;
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
     * @param Composition|null $beside of what is eaten with a piece and is no part of what bakes, as one; null for nothing
     * @param Spread $besideGrams of it in a piece
     * @param list<Allergen> $allergens
     * @param list<string> $uncertified names of lines without a certified lot
     * @param list<array{name: string, share_percent: float, allergens: list<string>}> $ingredients the heaviest first, as they went in
     */
    private function __construct(
        private Composition $raw,
        public float $rawPieceGrams,
        private Spread $keptShare,
        private ?Composition $beside,
        private Spread $besideGrams,
        public array $allergens,
        public GlutenStatus $gluten,
        public array $uncertified,
        public array $ingredients,
    ) {
    }

    /**
     * @param list<WeighedLine> $lines of what bakes, water included
     * @param Spread $weightLossPercent of the piece on the griddle, all of it water
     * @param array<string, bool> $certifiedLots
     * @param list<WeighedExtra> $extras what is eaten with it and is no part of what bakes
     */
    public static function of(array $lines, float $rawPieceGrams, Spread $weightLossPercent, array $certifiedLots, array $extras = []): self
    {
        $raw = WeighedLine::mixed($lines);
        $kept = Spread::of(1 - $weightLossPercent->high / 100, 1 - $weightLossPercent->likely / 100, 1 - $weightLossPercent->low / 100);
        $beside = array_map(static fn (WeighedExtra $extra): WeighedLine => $extra->line(), $extras);
        $all = [...$lines, ...$beside];

        return new self(
            $raw,
            $rawPieceGrams,
            $kept,
            $extras === [] ? null : WeighedLine::mixed(array_map(static fn (WeighedExtra $extra): WeighedLine => new WeighedLine($extra->ingredient, $extra->eatenEach()->likely, 0.0, null), $extras)),
            self::eatenBeside($extras),
            self::allergensOf($all),
            GlutenStatus::of($all, $certifiedLots),
            GlutenStatus::uncertified($all, $certifiedLots),
            self::ingredientsOf($all),
        );
    }

    /** @param list<WeighedExtra> $extras */
    private static function eatenBeside(array $extras): Spread
    {
        $eaten = array_map(static fn (WeighedExtra $extra): Spread => $extra->eatenEach(), $extras);

        return Spread::of(...array_map(static fn (string $end): float => array_sum(array_column($eaten, $end)), ['low', 'likely', 'high']));
    }

    public function inWords(): string
    {
        $names = implode(', ', array_map(static fn (Allergen $allergen): string => $allergen->inWords(), $this->allergens));

        return $names === '' ? 'None of the allergens we list.' : "Contains $names.";
    }

    public function carbohydratePer100GramsRaw(): float
    {
        return $this->raw->carbohydrateGrams;
    }

    /** Grams in a piece that come with what is no part of what bakes. */
    public function carbohydrateBesideGrams(): float
    {
        return ($this->beside->carbohydrateGrams ?? 0.0) * $this->besideGrams->likely / 100;
    }

    /** Grams that are eaten of so many pieces. */
    public function eaten(int $count): Figure
    {
        $baked = $this->keptShare->multipliedBy($count * $this->rawPieceGrams);
        $beside = $this->besideGrams->multipliedBy($count);
        $reasons = $beside->high > 0 ? [Reason::amount('Eaten with it, beside the dough', $beside->likely, Unit::Gram)] : [];

        return Figure::spread(
            $baked->plus($beside),
            Unit::Gram,
            Reason::amount($count === 1 ? 'Raw piece' : "Raw, $count pieces", $count * $this->rawPieceGrams, Unit::Gram),
            Reason::amount('Share left after the griddle', $this->keptShare->likely, Unit::Share),
            ...$reasons,
        );
    }

    /** @return array<string, Figure> in so many pieces */
    public function inPieces(int $count, string $basis): array
    {
        return $this->facts(Spread::exactly($count * $this->rawPieceGrams / 100), $this->besideGrams->multipliedBy($count / 100), $basis);
    }

    /** @return array<string, Figure> */
    public function in100GramsRaw(string $basis): array
    {
        return $this->facts(Spread::exactly(1.0), Spread::exactly(0.0), $basis);
    }

    /** @return array<string, Figure> */
    public function in100Grams(string $basis): array
    {
        $eaten = fn (float $kept): float => $kept * $this->rawPieceGrams + $this->besideGrams->likely;

        return $this->facts(
            Spread::of($this->rawPieceGrams / $eaten($this->keptShare->high), $this->rawPieceGrams / $eaten($this->keptShare->likely), $this->rawPieceGrams / $eaten($this->keptShare->low)),
            Spread::of(...array_map(fn (float $beside): float => $beside / ($this->keptShare->likely * $this->rawPieceGrams + $beside), [$this->besideGrams->low, $this->besideGrams->likely, $this->besideGrams->high])),
            $basis,
        );
    }

    /**
     * @param Spread $hundreds of raw grams
     * @param Spread $hundredsBeside of grams that are no part of what bakes
     * @return array<string, Figure>
     */
    private function facts(Spread $hundreds, Spread $hundredsBeside, string $basis): array
    {
        $beside = $this->beside === null ? null : self::amounts($this->beside);
        $facts = [];
        foreach (self::amounts($this->raw) as $name => $per100) {
            $facts[$name] = self::fact([[$per100, $hundreds], [$beside[$name] ?? 0.0, $hundredsBeside]], $name === 'energy_kj' ? Unit::Kilojoule : Unit::Gram, $basis);
        }

        return $facts;
    }

    /** @return array<string, float> in 100 g */
    private static function amounts(Composition $of): array
    {
        return [
            'energy_kj' => $of->energyKilojoules,
            'protein_grams' => $of->proteinGrams,
            'fat_grams' => $of->fatGrams,
            'carbohydrate_grams' => $of->carbohydrateGrams,
            'sugars_grams' => $of->sugarsGrams,
            'fibre_grams' => $of->fibreGrams,
            'salt_grams' => $of->saltGrams,
            // The convention that counts fibre into total carbohydrate takes it out again for "net".
            'total_carbohydrate_grams' => $of->carbohydrateGrams + $of->fibreGrams,
            'net_carbohydrate_grams' => $of->carbohydrateGrams,
        ];
    }

    /** @return list<Allergen> what this one has and the other has not */
    public function allergensBeyond(self $other): array
    {
        return array_values(array_filter($this->allergens, static fn (Allergen $allergen): bool => ! in_array($allergen, $other->allergens, true)));
    }

    /**
     * @param list<array{float, Spread}> $parts in 100 g of each, and how many hundreds of grams of it
     */
    private static function fact(array $parts, Unit $unit, string $basis): Figure
    {
        [$low, $likely, $high] = [0.0, 0.0, 0.0];
        foreach ($parts as [$per100, $hundreds]) {
            $low += $per100 * $hundreds->low * (1 - self::TABLE_REACH);
            $likely += $per100 * $hundreds->likely;
            $high += $per100 * $hundreds->high * (1 + self::TABLE_REACH);
        }

        return Figure::spread(Spread::of($low, $likely, $high), $unit, Reason::saying($basis));
    }

    /**
     * @param list<WeighedLine> $lines
     * @return list<array{name: string, share_percent: float, allergens: list<string>}>
     */
    private static function ingredientsOf(array $lines): array
    {
        $all = array_sum(array_map(static fn (WeighedLine $line): float => $line->grams, $lines));
        $put = [];
        foreach ($lines as $line) {
            $id = $line->ingredient->id;
            if ($line->grams > 0) {
                $put[$id] = new WeighedLine($line->ingredient, ($put[$id]->grams ?? 0.0) + $line->grams, 0.0, null);
            }
        }
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
