<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\BakeUnderWay;
use StoneMill\Bake\Colour;

/** What a cook at the griddle can see, hear and smell of a bread that lies there. */
final readonly class Noticed
{
    /** Steam that leaves, in kg/(m²·s), at which it is seen and heard. Planning estimates. */
    private const WISP = 0.0006;

    private const CLOUD = 0.003;

    private const SMOKE_SHADE = 0.78;

    public function __construct(private Griddling $work)
    {
    }

    public function steam(): string
    {
        $bake = $this->work->bake;

        return match (true) {
            $bake->steamRate() > self::CLOUD => 'much',
            $bake->steamRate() > self::WISP => 'some',
            default => 'none',
        };
    }

    /** @return list<string> */
    public function words(): array
    {
        return array_values(array_filter([$this->rim(), self::smell($this->work->bake)]));
    }

    /** Share of its water that the open face still has. */
    public function topWet(): float
    {
        return min(1.0, $this->work->bake->above()->waterPerDry / max(1e-9, $this->work->bake->bread->matter->waterPerDry));
    }

    private function rim(): ?string
    {
        $set = Sign::Set->valueOf($this->work->bake);

        return match (true) {
            $this->work->touched !== [] => null,
            $set >= 0.9 => 'The rim has turned matt and lets go of the metal.',
            $set >= 0.6 => 'The rim turns matt.',
            default => 'The rim is wet and holds on to the metal.',
        };
    }

    private static function smell(BakeUnderWay $bake): ?string
    {
        $shade = Colour::shade($bake->below()->spotBrownness);

        return match (true) {
            $shade > self::SMOKE_SHADE => 'Blue-grey smoke: it burns below. Turn it, or turn down.',
            $shade > 0.35 => 'It smells of toast.',
            default => null,
        };
    }
}
