<?php

declare(strict_types=1);

namespace StoneMill\Style;

use StoneMill\Dough\BindingNeed;
use StoneMill\Griddle\UsualBaking;
use StoneMill\Measure\Spread;
use StoneMill\School\AheadStep;
use StoneMill\School\Method;
use StoneMill\School\Purpose;
use StoneMill\School\Shaping;
use StoneMill\School\Texture;

/** One kind of bread with its defaults for every stage. */
final readonly class Style
{
    /**
     * @param list<array{ingredient: string, percent: float}> $formula
     * @param Spread $hydrationBand lowest, middle and highest usual hydration in % of flour base
     * @param non-empty-list<Purpose> $uses what it is good for
     * @param float|null $swollenWanted share of starch that the scald must swell, where the style has one
     * @param bool $weakens whether the dough loses its hold while it waits
     * @param list<AheadStep> $ahead what is begun hours before the dough
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $purpose,
        public Texture $texture,
        public array $formula,
        public Method $method,
        public Spread $hydrationBand,
        public Spread $waterCelsius,
        public int $pieceCount,
        public float $pieceGrams,
        public Spread $pieceGramsBand,
        public float $thicknessMillimetres,
        public Spread $thicknessBand,
        public float $airShare,
        public float $cookedDiameterFactor,
        public float $bindingNeeded,
        public float $gummyAbove,
        public int $preheatSeconds,
        public int $stackSeconds,
        public int $uncoveredSeconds,
        public UsualBaking $baking,
        public string $source,
        public array $uses,
        public ?float $swollenWanted,
        public bool $weakens,
        public array $ahead = [],
    ) {
    }

    /** The binding it must reach when it is shaped that way and has to do that on the plate. */
    public function bindingNeed(Shaping $shape, ?Purpose $purpose): BindingNeed
    {
        return BindingNeed::of($this->bindingNeeded, $this->method->shape, $this->uses, $shape, $purpose);
    }
}
