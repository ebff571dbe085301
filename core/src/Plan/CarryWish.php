<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Node;
use StoneMill\School\Liner;
use StoneMill\School\Shaping;
use StoneMill\School\WayOver;

/** What the cook wants a piece shaped on, and how it is to get onto the griddle. */
final readonly class CarryWish
{
    private function __construct(public ?Liner $liner, public ?WayOver $over)
    {
    }

    public static function read(Node $node, Shaping $shaping): self
    {
        $node->object(['liner', 'over']);
        $liner = $node->at('liner')->optionalChoice(Liner::class);
        $over = $node->at('over')->optionalChoice(WayOver::class);
        $liners = Liner::servingFor($shaping);
        if ($liner !== null && ! in_array($liner, $liners, true)) {
            $node->at('liner')->refuse('This way of shaping is not done on that.', self::oneOf($liners));
        }
        $ways = $shaping === Shaping::Pour ? [WayOver::Poured] : array_merge(...array_map(WayOver::off(...), $liner === null ? $liners : [$liner]));
        if ($over !== null && ! in_array($over, $ways, true)) {
            $node->at('over')->refuse($liner === Liner::CutBag ? 'Plastic never comes near the heat.' : 'A piece made like that does not go over that way.', self::oneOf($ways));
        }

        return new self($liner, $over);
    }

    /** @param list<Liner>|list<WayOver> $choices */
    private static function oneOf(array $choices): string
    {
        return 'one of '.implode(', ', array_unique(array_map(static fn (Liner|WayOver $one): string => $one->value, $choices)));
    }
}
