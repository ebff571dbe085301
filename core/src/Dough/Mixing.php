<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Pantry\Composition;

/**
 * A dough in its bowl: how warm it gets for a given pour, and how much water it wants, which depend on
 * each other wherever hot water swells starch.
 */
final readonly class Mixing
{
    /**
     * Heat that the bowl takes part with for a dough of 280 g of dry lines: about 170 g of ceramic or 330 g of
     * steel touched by it. It grows with the touched surface, the two-thirds power of the dough. Planning estimate.
     */
    private const BOWL_JOULES_PER_KELVIN = 150.0;

    private const BOWL_DRY_GRAMS = 280.0;

    /** Share of the excess over the room that is lost while mixing. Planning estimate. */
    private const LOSS_SHARE = 0.04;

    /** A lump cooked in the pot has cooled to about this when the rest of the flour is kneaded in. Planning estimate. */
    private const POT_CELSIUS = 80.0;

    private const REFERENCE_CELSIUS = 40.0;

    private const MOST_STEPS = 400;

    private const SETTLED_GRAMS = 1e-4;

    private HeatBalance $balance;

    private float $bowlCelsius;

    private float $waterSpecificHeat;

    private float $flourJoulesPerKelvin;

    private float $otherJoulesPerKelvin;

    private float $bowlJoulesPerKelvin;

    /** @var list<Uptake> */
    private array $uptakes;

    /**
     * @param list<WeighedLine> $lines
     * @param float|null $bowlCelsius null for a bowl as warm as the room
     */
    public function __construct(
        array $lines,
        private Conditions $conditions,
        ?float $bowlCelsius = null,
    ) {
        $this->bowlCelsius = $bowlCelsius ?? $conditions->room->celsius;
        $this->balance = HeatBalance::in($conditions->room->celsius, self::LOSS_SHARE);
        $this->waterSpecificHeat = self::waterComposition()->specificHeatAt(self::REFERENCE_CELSIUS);
        $flour = 0.0;
        $other = 0.0;
        foreach ($lines as $line) {
            $capacity = $line->grams * $line->ingredient->composition->specificHeatAt(self::REFERENCE_CELSIUS);
            $line->ingredient->role->isFlourBase() ? $flour += $capacity : $other += $capacity;
        }
        $this->flourJoulesPerKelvin = $flour;
        $this->otherJoulesPerKelvin = $other;
        $dryGrams = array_sum(array_map(static fn (WeighedLine $line): float => $line->grams, $lines));
        $this->bowlJoulesPerKelvin = self::BOWL_JOULES_PER_KELVIN * ($dryGrams / self::BOWL_DRY_GRAMS) ** (2 / 3);
        $this->uptakes = array_map(
            static fn (WeighedLine $line): Uptake => Uptake::of($line, $conditions),
            $lines,
        );
    }

    public function celsius(float $waterGrams, float $waterCelsius): float
    {
        $poured = $this->conditions->potShare > 0 ? self::POT_CELSIUS : $waterCelsius;

        return $this->balance->mixed([
            ...$this->bodies(),
            HeatBody::at($poured, $waterGrams * $this->waterSpecificHeat),
        ]);
    }

    /** The water temperature that ends at the wanted dough temperature; outside 0–100 °C where water cannot do it. */
    public function waterCelsiusFor(float $doughCelsius, float $waterGrams): float
    {
        return $this->balance->neededCelsius($doughCelsius, $this->bodies(), $waterGrams * $this->waterSpecificHeat);
    }

    public function conditions(): Conditions
    {
        return $this->conditions;
    }

    public function ledgerAt(float $mixCelsius): Ledger
    {
        return Ledger::of($this->uptakes, $mixCelsius);
    }

    /**
     * The ledger at the dough's own temperature: the least water that is enough. More hot water warms the
     * dough, which then takes more, so the need is the lowest fixed point of "pour, warm, need". Starting
     * from the cold need, the steps only rise and cannot pass it, which also keeps the answer monotone in
     * every input that the need is monotone in.
     */
    public function ledgerFor(float $waterCelsius): Ledger
    {
        $grams = max(0.0, $this->neededGramsAt($this->conditions->room->celsius));
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $next = max(0.0, $this->neededGramsAt($this->celsius($grams, $waterCelsius)));
            $rise = $next - $grams;
            $grams = $next;
            if (abs($rise) < self::SETTLED_GRAMS) {
                break;
            }
        }

        return $this->ledgerAt($this->celsius($grams, $waterCelsius));
    }

    private function neededGramsAt(float $celsius): float
    {
        $grams = 0.0;
        foreach ($this->uptakes as $uptake) {
            $grams += $uptake->takesGramsAt($celsius) - $uptake->bringsGrams();
        }

        return $grams;
    }

    /** @return list<HeatBody> everything but the water */
    private function bodies(): array
    {
        $pot = $this->conditions->potShare;

        return [
            HeatBody::at($this->conditions->room->celsius, $this->otherJoulesPerKelvin + (1 - $pot) * $this->flourJoulesPerKelvin),
            HeatBody::at(self::POT_CELSIUS, $pot * $this->flourJoulesPerKelvin),
            // A dough cooked in its pot warms no second bowl.
            HeatBody::at($this->bowlCelsius, (1 - $pot) * $this->bowlJoulesPerKelvin),
        ];
    }

    private static function waterComposition(): Composition
    {
        return Composition::per100Grams([
            'water' => 100, 'protein' => 0, 'fat' => 0, 'carbohydrate' => 0, 'fibre' => 0, 'ash' => 0,
            'sugars' => 0, 'salt' => 0, 'energy_kj' => 0,
        ]);
    }
}
