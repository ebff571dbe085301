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

    /** Heat that a gram of starch takes up as it swells, J. Typical of published calorimetry, 8–18. */
    private const SWELLING_JOULES = 12.0;

    private const KELVIN_SETTLED = 1e-6;

    private const MOST_ROUNDS = 40;

    private const REFERENCE_CELSIUS = 40.0;

    private const MOST_STEPS = 400;

    private const SETTLED_GRAMS = 1e-4;

    private HeatBalance $balance;

    private float $bowlCelsius;

    private float $waterSpecificHeat;

    private float $flourJoulesPerKelvin;

    private float $flourGrams;

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
        $grams = 0.0;
        foreach ($lines as $line) {
            $grams += $line->ingredient->role->isFlourBase() ? $line->grams : 0.0;
            $capacity = $line->grams * $line->ingredient->composition->specificHeatAt(self::REFERENCE_CELSIUS);
            $line->ingredient->role->isFlourBase() ? $flour += $capacity : $other += $capacity;
        }
        $this->flourJoulesPerKelvin = $flour;
        $this->flourGrams = $grams;
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
        return $this->warmth($waterGrams, $waterCelsius)->meanCelsius;
    }

    /** What this pour does to the dough: flour cooked in the pot is hot already, the rest meets it and the water that is left. */
    public function warmth(float $waterGrams, float $waterCelsius): Warmth
    {
        $pot = $this->pot($waterGrams);
        $water = HeatBody::at($waterCelsius, $this->wateredOutside($waterGrams));
        $dry = $this->dry();
        $wet = $pot->joulesPerKelvin + $water->joulesPerKelvin;
        $dryJoules = array_sum(array_map(static fn (HeatBody $body): float => $body->joulesPerKelvin, $dry));
        $even = $this->balance->mixed([...$dry, $pot, $water]);
        if ($wet <= 0 || $dryJoules <= 0) {
            return Warmth::even($even);
        }
        $warmth = Warmth::meeting(
            ($pot->joulesPerKelvin * $pot->celsius + $water->joulesPerKelvin * $water->celsius) / $wet,
            array_sum(array_map(static fn (HeatBody $body): float => $body->joulesPerKelvin * $body->celsius, $dry)) / $dryJoules,
            $dryJoules / $wet,
            $even,
        );

        return $warmth->endingAt($even - $this->swellingJoules($warmth) / ($wet + $dryJoules));
    }

    /** The water temperature that ends at the wanted dough temperature; outside 0–100 °C where water cannot do it, null where all of it is in the pot. */
    public function waterCelsiusFor(float $doughCelsius, float $waterGrams): ?float
    {
        $outside = $this->wateredOutside($waterGrams);
        if ($outside < 1e-6) {
            return null;
        }
        $others = [...$this->dry(), $this->pot($waterGrams)];
        $celsius = $this->balance->neededCelsius($doughCelsius, $others, $outside);
        $slope = array_sum(array_map(static fn (HeatBody $body): float => $body->joulesPerKelvin, $others)) / $outside + 1;
        // Swelling takes a little of the heat: each round asks for what the one before fell short by.
        for ($round = 0; $round < self::MOST_ROUNDS && $celsius > -40 && $celsius < 300; $round++) {
            $short = $doughCelsius - $this->celsius($waterGrams, $celsius);
            if (abs($short) < self::KELVIN_SETTLED) {
                break;
            }
            $celsius += $short * $slope / (1 - self::LOSS_SHARE);
        }

        return $celsius;
    }

    public function conditions(): Conditions
    {
        return $this->conditions;
    }

    public function ledgerAt(Warmth $warmth): Ledger
    {
        return Ledger::of($this->uptakes, $warmth);
    }

    /**
     * The ledger at the dough's own temperature: the least water that is enough. More hot water warms the
     * dough, which then takes more, so the need is the lowest fixed point of "pour, warm, need". Starting
     * from the cold need, the steps only rise and cannot pass it, which also keeps the answer monotone in
     * every input that the need is monotone in.
     */
    public function ledgerFor(float $waterCelsius): Ledger
    {
        $grams = max(0.0, $this->neededGramsAt(Warmth::even($this->conditions->room->celsius)));
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $next = max(0.0, $this->neededGramsAt($this->warmth($grams, $waterCelsius)));
            $rise = $next - $grams;
            $grams = $next;
            if (abs($rise) < self::SETTLED_GRAMS) {
                break;
            }
        }

        return $this->ledgerAt($this->warmth($grams, $waterCelsius));
    }

    private function neededGramsAt(Warmth $warmth): float
    {
        $grams = 0.0;
        $bindersShare = Uptake::bindersShare($this->uptakes, $warmth);
        foreach ($this->uptakes as $uptake) {
            $grams += $uptake->takesGramsAt($warmth, $bindersShare) - $uptake->bringsGrams();
        }

        return $grams;
    }

    /** @return list<HeatBody> everything but the water and what is cooked with it */
    private function dry(): array
    {
        $pot = $this->conditions->potShare;

        return [
            HeatBody::at($this->conditions->room->celsius, $this->otherJoulesPerKelvin + (1 - $pot) * $this->flourJoulesPerKelvin),
            // A dough cooked in its pot warms no second bowl.
            HeatBody::at($this->bowlCelsius, (1 - $pot) * $this->bowlJoulesPerKelvin),
        ];
    }

    private function pot(float $waterGrams): HeatBody
    {
        $flour = $this->conditions->potShare;
        $water = Pot::waterShare($flour) * $waterGrams;
        $joules = $flour * $this->flourJoulesPerKelvin + $water * $this->waterSpecificHeat;

        return HeatBody::at(Pot::celsiusWhenKneaded($flour * $this->flourGrams + $water, $joules, $this->conditions->room->celsius), $joules);
    }

    /** J/K of the water that is not cooked in the pot. */
    private function wateredOutside(float $waterGrams): float
    {
        return (1 - Pot::waterShare($this->conditions->potShare)) * $waterGrams * $this->waterSpecificHeat;
    }

    private function swellingJoules(Warmth $warmth): float
    {
        return self::SWELLING_JOULES * array_sum(array_map(static fn (Uptake $uptake): float => $uptake->starchSwollenBy($warmth), $this->uptakes));
    }

    private static function waterComposition(): Composition
    {
        return Composition::per100Grams([
            'water' => 100, 'protein' => 0, 'fat' => 0, 'carbohydrate' => 0, 'fibre' => 0, 'ash' => 0,
            'sugars' => 0, 'salt' => 0, 'energy_kj' => 0,
        ]);
    }
}
