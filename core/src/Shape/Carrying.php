<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\School\Liner;
use StoneMill\School\Shaping;
use StoneMill\School\WayOver;

/** What a piece is shaped on, and how it gets onto the griddle: as the cook says, or as this dough asks for. */
final readonly class Carrying
{
    /** So many points over its need a dough clings to paper, and a bag lets go of it best. Planning estimate. */
    private const CLINGS_POINTS = 2.0;

    private function __construct(public Liner $liner, public WayOver $over, public Shaping $shaping, private string $because)
    {
    }

    /**
     * @param float $longMillimetres of a piece, at its longest
     * @param float $bindingShare the dough's binding over what its shaping needs
     * @param Liner|null $liner as the cook says; then one that serves this shaping
     * @param WayOver|null $over as the cook says; then one that goes with the liner
     */
    public static function of(float $longMillimetres, Shaping $shaping, float $bindingShare, float $hydrationPointsOverNeed, ?Liner $liner, ?WayOver $over): self
    {
        if ($shaping === Shaping::Pour) {
            return new self(Liner::None, WayOver::Poured, $shaping, '');
        }
        [$usual, $usualOver, $because] = self::usual($longMillimetres, $shaping, $bindingShare, $hydrationPointsOverNeed);
        $liner ??= $over === null ? $usual : self::goingWith($over, $shaping, $usual);
        $over ??= $liner === $usual ? $usualOver : WayOver::off($liner)[0];

        return new self($liner, $over, $shaping, $liner === $usual && $over === $usualOver ? $because : '');
    }

    /** @return array{Liner, WayOver, string} with why */
    private static function usual(float $longMillimetres, Shaping $shaping, float $bindingShare, float $hydrationPointsOverNeed): array
    {
        $serving = Liner::servingFor($shaping);
        $paper = in_array(Liner::BakingPaper, $serving, true);

        return match (true) {
            $hydrationPointsOverNeed > self::CLINGS_POINTS && in_array(Liner::CutBag, $serving, true) => [Liner::CutBag, WayOver::OverThePalm, 'The dough is on the wet side: a bag lets go of it best.'],
            $bindingShare < 1 && $paper => [Liner::BakingPaper, WayOver::OnThePaper, 'It holds little: it goes over on its paper.'],
            $longMillimetres > WayOver::PALM_MILLIMETRES && $paper => [Liner::BakingPaper, WayOver::OnThePaper, 'It is wider than a hand: it goes over on its paper.'],
            default => [$serving[0], WayOver::usualOf($shaping), ''],
        };
    }

    /** The liner that the usual one gives way to where the cook has said how the piece is to go over. */
    private static function goingWith(WayOver $over, Shaping $shaping, Liner $usual): Liner
    {
        foreach ([$usual, ...Liner::servingFor($shaping)] as $liner) {
            if (in_array($over, WayOver::off($liner), true)) {
                return $liner;
            }
        }

        return $usual;
    }

    /** Whether its paper meets metal hotter than paper is made for. */
    public function scorches(float $celsius): bool
    {
        return $this->over === WayOver::OnThePaper && $celsius > WayOver::PAPER_CELSIUS;
    }

    /** mm that the liners add to what a guide must be high. */
    public function linersMillimetres(): float
    {
        return ($this->liner->isOnBothSides() ? 2 : 1) * $this->liner->millimetres();
    }

    /** Why this liner, and what to do with it. */
    public function inWords(): string
    {
        return trim($this->because.' '.$this->liner->use());
    }
}
