<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * What 100 g hold, in grams. Carbohydrate is the available part, without fibre; ash includes the salt;
 * sugars are part of the carbohydrate.
 */
final readonly class Composition
{
    private function __construct(
        public float $waterGrams,
        public float $proteinGrams,
        public float $fatGrams,
        public float $carbohydrateGrams,
        public float $fibreGrams,
        public float $ashGrams,
        public float $sugarsGrams,
        public float $saltGrams,
        public float $energyKilojoules,
    ) {
    }

    /**
     * @param array{water: float, protein: float, fat: float, carbohydrate: float, fibre: float, ash: float, sugars: float, salt: float, energy_kj: float} $per100g
     *
     * @throws OutOfRange If the parts of 100 g do not come to 97–103 g.
     */
    public static function per100Grams(array $per100g): self
    {
        $sum = $per100g['water'] + $per100g['protein'] + $per100g['fat']
            + $per100g['carbohydrate'] + $per100g['fibre'] + $per100g['ash'];
        OutOfRange::guard('sum of the parts of 100 g', $sum, 97, 103);

        return new self(...[
            $per100g['water'], $per100g['protein'], $per100g['fat'], $per100g['carbohydrate'], $per100g['fibre'],
            $per100g['ash'], $per100g['sugars'], $per100g['salt'], $per100g['energy_kj'],
        ]);
    }

    /**
     * The composition of a mixture.
     *
     * @param list<array{composition: self, grams: float}> $parts
     *
     * @throws OutOfRange If the parts weigh nothing.
     */
    public static function mixed(array $parts): self
    {
        $total = OutOfRange::guard('mass of a mixture in grams', array_sum(array_column($parts, 'grams')), 1e-9, 1e9);
        $sums = array_fill(0, 9, 0.0);
        foreach ($parts as ['composition' => $part, 'grams' => $grams]) {
            foreach ($part->parts() as $index => $per100) {
                $sums[$index] += $per100 * $grams / $total;
            }
        }

        return new self(...$sums);
    }

    /** Energy from the general factors: protein 17, fat 37, carbohydrate 17, fibre 8 kJ/g (Regulation (EU) 1169/2011, annex XIV). */
    public function factorEnergyKilojoules(): float
    {
        return 17 * $this->proteinGrams + 37 * $this->fatGrams + 17 * $this->carbohydrateGrams + 8 * $this->fibreGrams;
    }

    /**
     * Specific heat in J/(g·K): component equations of Choi and Okos (1986), mixed by mass.
     */
    public function specificHeatAt(float $celsius): float
    {
        $water = 4.1762 - 9.0864e-5 * $celsius + 5.4731e-6 * $celsius ** 2;

        return ($this->waterGrams * $water + $this->dryGrams() * $this->drySpecificHeatAt($celsius)) / ($this->waterGrams + $this->dryGrams());
    }

    /** The same of the dry matter alone; 0 where there is none. */
    public function drySpecificHeatAt(float $celsius): float
    {
        $t = $celsius;
        $protein = 2.0082 + 1.2089e-3 * $t - 1.3129e-6 * $t ** 2;
        $fat = 1.9842 + 1.4733e-3 * $t - 4.8008e-6 * $t ** 2;
        $carbohydrate = 1.5488 + 1.9625e-3 * $t - 5.9399e-6 * $t ** 2;
        $fibre = 1.8459 + 1.8306e-3 * $t - 4.6509e-6 * $t ** 2;
        $ash = 1.0926 + 1.8896e-3 * $t - 3.6817e-6 * $t ** 2;
        $dry = $this->dryGrams();

        return $dry <= 0 ? 0.0 : ($this->proteinGrams * $protein + $this->fatGrams * $fat + $this->carbohydrateGrams * $carbohydrate
            + $this->fibreGrams * $fibre + $this->ashGrams * $ash) / $dry;
    }

    /**
     * Density in g/mL without air: component equations of Choi and Okos (1986), volumes added.
     */
    public function densityAt(float $celsius): float
    {
        $t = $celsius;
        $volume = $this->waterGrams / (997.18 + 3.1439e-3 * $t - 3.7574e-3 * $t ** 2)
            + $this->proteinGrams / (1329.9 - 0.5184 * $t)
            + $this->fatGrams / (925.59 - 0.41757 * $t)
            + $this->carbohydrateGrams / (1599.1 - 0.31046 * $t)
            + $this->fibreGrams / (1311.5 - 0.36589 * $t)
            + $this->ashGrams / (2423.8 - 0.28063 * $t);

        return $this->sum() / $volume / 1000;
    }

    /** @return list<float> in the order of the constructor */
    private function parts(): array
    {
        return [
            $this->waterGrams, $this->proteinGrams, $this->fatGrams, $this->carbohydrateGrams, $this->fibreGrams,
            $this->ashGrams, $this->sugarsGrams, $this->saltGrams, $this->energyKilojoules,
        ];
    }

    private function sum(): float
    {
        return $this->waterGrams + $this->dryGrams();
    }

    private function dryGrams(): float
    {
        return $this->proteinGrams + $this->fatGrams + $this->carbohydrateGrams + $this->fibreGrams + $this->ashGrams;
    }
}
