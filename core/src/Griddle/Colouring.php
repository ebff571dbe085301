<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Colour;
use StoneMill\School\TurnAction;

/**
 * How much sooner a bread colours than its composition alone tells. Two things are known of it: the rate from its sugars, protein and
 * fat, which is good to a factor of two, and the shade that practice finds after its own times at its own heat, which is good to a factor
 * of about a half more. Both are logarithms of one rate, so the second moves the first by the share of its precision.
 * The shipped factors are worked out by this rule once and stand in the data of the styles; docs/model.md has the derivation.
 */
final class Colouring
{
    /** Of the logarithm of the rate. Planning estimates: a factor of two, and a tenth in shade near 0.35 with a fifth in time. */
    private const DEVIATION_BY_COMPOSITION = M_LN2;

    private const DEVIATION_BY_PRACTICE = 0.4;

    /** @param Laying $laying at the reference heat and thickness, of a dough whose colouring is still that of its composition */
    public static function after(Laying $laying): float
    {
        $practice = $laying->practice();
        $touches = [...$practice->turns, ['action' => TurnAction::Lift, 'seconds' => $practice->liftSeconds]];
        $baked = (new OwnTurns($touches, (float) $practice->finishSeconds))->bake($laying);
        $reached = array_map(static fn (Face $face): float => Colour::ofShade($face->shade), array_values(array_filter($baked->faces(), static fn (Face $face): bool => $face->contactSeconds > 0)));
        $ratio = Colour::ofShade($laying->usual->shade->likely) / (array_sum($reached) / count($reached));
        $byPractice = self::DEVIATION_BY_PRACTICE ** -2;

        return $ratio ** ($byPractice / ($byPractice + self::DEVIATION_BY_COMPOSITION ** -2));
    }
}
