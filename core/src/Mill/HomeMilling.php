<?php

declare(strict_types=1);

namespace StoneMill\Mill;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\Grind;

/**
 * Grain ground at home: what stays in the mill, what the sieve holds back, and what the flour then is like. The shares
 * are planning estimates for a hand-turned or small stone mill and a sieve of about half a millimetre.
 */
final readonly class HomeMilling
{
    private const GRAINS = ['oat', 'pearl-millet', 'finger-millet', 'foxtail-millet', 'sorghum', 'rice-white', 'rice-brown', 'teff', 'amaranth', 'buckwheat', 'maize-stone-ground', 'chickpea'];

    /** Dust and what sticks in the mill. */
    private const MILL_LOSS = [0.01, 0.02, 0.04];

    private function __construct(public string $grain, public float $grainGrams, private Grind $grind, private Sifting $sifting)
    {
    }

    /** @throws InvalidInput If anything in the document breaks the contract. */
    public static function read(mixed $document): self
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['grain', 'grain_grams', 'flour_grams', 'grind', 'sifted']);
        $grain = $root->at('grain')->text(60);
        if ($grain !== '' && ! in_array($grain, self::GRAINS, true)) {
            $root->at('grain')->refuse('This is not ground at home here.', 'one of '.implode(', ', self::GRAINS));
        }
        $grains = $root->at('grain_grams')->optionalNumber(10, 50000, 'g');
        $flour = $root->at('flour_grams')->optionalNumber(10, 50000, 'g');
        if (($grains === null) === ($flour === null)) {
            $root->refuse($grains === null ? 'This does not say how much.' : 'Grain and flour together say too much.', 'one of grain_grams, flour_grams');
        }
        $grind = $root->at('grind')->optionalChoice(Grind::class) ?? Grind::HomeMedium;
        if ($grind === Grind::Shop) {
            $root->at('grind')->refuse('Flour from a shop is not ground at home.', 'home_fine, home_medium or home_coarse');
        }
        $sifting = $root->at('sifted')->optionalBoolean() === true ? Sifting::Sifted : Sifting::Whole;
        $findings->refuseIfAny();
        $milling = new self($grain, $grains ?? 1000.0, $grind, $sifting);

        return $flour === null ? $milling : new self($grain, 1000.0 * $flour / $milling->flour()->likely, $grind, $sifting);
    }

    /** Flour in grams. */
    public function flour(): Spread
    {
        [$least, $likely, $most] = array_map(fn (float $loss): float => $this->grainGrams * (1 - $loss) * (1 - $this->sifting->heldBackShare($this->grind)), self::MILL_LOSS);

        return Spread::of($most, $likely, $least);
    }

    /** Share of the grain that stays in the mill. */
    public static function millLoss(): Spread
    {
        return Spread::of(...self::MILL_LOSS);
    }

    public function heldBackShare(): float
    {
        return $this->sifting->heldBackShare($this->grind);
    }

    public function heldBackGrams(): float
    {
        return $this->grainGrams * (1 - self::MILL_LOSS[1]) * $this->sifting->heldBackShare($this->grind);
    }

    /** The grind to name on the formula line: a sieve makes a coarse grind finer by one step. */
    public function grindAfterSieve(): Grind
    {
        return $this->sifting->after($this->grind);
    }
}
