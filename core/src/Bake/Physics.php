<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Bake\Exception\UnknownNumber;
use StoneMill\Measure\Exception\OutOfRange;

/**
 * The numbers of the model that no handbook fixes for a flat bread on a griddle. Each can be moved, which is how docs/model.md
 * tells what each matters; what is published for it stands beside it, the rest are planning estimates.
 */
final readonly class Physics
{
    /**
     * @param float $contactRaw W/(m²·K) of wet dough in its first seconds on metal. Published for wet foods in contact cooking 200–1200 (Housová and Topinka 1985)
     * @param float $contactSet W/(m²·K) of a wet face that has gelled and no longer flows into the metal
     * @param float $contactDry W/(m²·K) of a dry crust, rough and standing off the metal
     * @param float $contactOiled W/(m²·K) of a dry crust with oil in the gap
     * @param float $settlingSeconds in which the first contact grows
     * @param float $firstContact share of the contact in the first moment
     * @param float $diffusivity m²/s of liquid water at 60 °C. Published for starch pastes 1e-10 to 1e-9 (Karathanos, Villalobos and Saravacos 1990)
     * @param float $catchDepth m over which steam gives itself up in cooler layers
     * @param float $rimShare of the steam that leaves between bread and metal under a dry crust
     * @param float $wetRimShare the same while wet dough still seals it
     * @param float $spotShare by which spots that touch closely come nearer to the metal's temperature, once dry
     * @param float $oiledSpotShare the same where oil evens the contact
     * @param float $openConvection W/(m²·K) over the open face. Handbooks give 5–10 for free convection over a warm plate
     * @param float $emissivity of the faces. Published for doughs and breads: 0.9 and above
     * @param float $pocket W/(m²·K) through the steam pocket of a puffed bread
     */
    public function __construct(
        public float $contactRaw = 380.0,
        public float $contactSet = 165.0,
        public float $contactDry = 105.0,
        public float $contactOiled = 145.0,
        public float $settlingSeconds = 2.5,
        public float $firstContact = 0.35,
        public float $diffusivity = 2.5e-10,
        public float $catchDepth = 0.4e-3,
        public float $rimShare = 0.6,
        public float $wetRimShare = 0.25,
        public float $spotShare = 0.85,
        public float $oiledSpotShare = 0.5,
        public float $openConvection = 7.0,
        public float $emissivity = 0.9,
        public float $pocket = 45.0,
    ) {
    }

    /**
     * The same with one number so many times as large.
     *
     * @throws OutOfRange If there is no such number, or the factor is not positive.
     */
    public function times(string $name, float $factor): self
    {
        OutOfRange::guard('factor', $factor, 1e-6, 1e6);
        $numbers = $this->numbers();
        if (! isset($numbers[$name])) {
            throw new UnknownNumber(sprintf('The model has no number "%s"; it has %s.', $name, implode(', ', array_keys($numbers))));
        }

        return new self(...[...$numbers, $name => $numbers[$name] * $factor]);
    }

    /** @return array<string, float> */
    public function numbers(): array
    {
        $numbers = [];
        foreach (get_object_vars($this) as $name => $value) {
            if (is_float($value)) {
                $numbers[(string) $name] = $value;
            }
        }

        return $numbers;
    }
}
