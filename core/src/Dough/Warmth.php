<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Pantry\Swelling;

/**
 * How warm a dough gets while hot water meets it, and where. What is poured does not spread at once: one crumb of flour meets much of
 * it and is nearly as hot as the kettle, another little and stays cool. A crumb that meets r times its even share of it comes to
 *
 *   T(r) = (r · T_wet + g · T_dry) / (r + g),   g = C_dry / C_wet
 *
 * and r is spread over the flour as a gamma distribution with mean 1 and shape 2 (planning estimate for a spoon that stirs while it is
 * poured). Starch swells where its own crumb is hot enough, and never below the temperature of the wet itself.
 */
final class Warmth
{
    /** Means of twelve parts of the flour, each as large, ordered by how much of the hot they meet: 12 (M(b) − M(a)), M(r) = 1 − (1 + 2r + 2r²) e^(−2r). */
    private const MEETINGS = [0.1525, 0.3038, 0.4235, 0.5374, 0.6528, 0.7748, 0.9083, 1.0602, 1.2414, 1.4739, 1.8148, 2.6565];

    /** @var array<string, float> share swollen, by the range of the starch: each line of a dough asks for it several times */
    private array $swollen = [];

    private readonly float $hottestCelsius;

    /**
     * @param float $meanCelsius of the whole dough once it is mixed
     * @param non-empty-list<float> $crumbs in °C, each for as much of the flour
     */
    private function __construct(public readonly float $meanCelsius, private readonly array $crumbs)
    {
        $this->hottestCelsius = max($crumbs);
    }

    /** @param float $dryShare heat capacity of all that is dry, as a multiple of that of what is wet */
    public static function meeting(float $wetCelsius, float $dryCelsius, float $dryShare, float $meanCelsius): self
    {
        return new self($meanCelsius, array_map(
            static fn (float $meets): float => ($meets * $wetCelsius + $dryShare * $dryCelsius) / ($meets + $dryShare),
            self::MEETINGS,
        ));
    }

    /** A dough that is as warm everywhere. */
    public static function even(float $celsius): self
    {
        return new self($celsius, [$celsius]);
    }

    /** The same where and how, with the dough as a whole at another temperature in the end. */
    public function endingAt(float $meanCelsius): self
    {
        $same = new self($meanCelsius, $this->crumbs);
        $same->swollen = $this->swollen;

        return $same;
    }

    /** Share of a flour's starch that has swollen. */
    public function swollen(Swelling $swelling): float
    {
        if ($this->hottestCelsius <= $swelling->onsetCelsius) {
            return 0.0;
        }

        return $this->swollen[$swelling->key] ??= array_sum(array_map($swelling->shareAt(...), $this->crumbs)) / count($this->crumbs);
    }
}
