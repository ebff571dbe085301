<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\TurnAction;
use StoneMill\School\TurnSchool;

/**
 * How a bread would be turned by a school that practice does not use for it, from how it is turned by one that practice does. Touches
 * are shares of the time on the metal, and that time a share of the one with two turns: means over the styles that are turned both ways.
 * Where the touches really come the model of the bread finds out.
 */
final class BorrowedTurns
{
    /** @var array<string, array{turns: list<float>, lift: float, finish: int}> by school; turns in shares of the lift, the lift in shares of that with two turns, seconds in the oven or under the broiler */
    private const SHARES = [
        'two_turns' => ['turns' => [0.25, 0.67], 'lift' => 1.0, 'finish' => 0],
        'three_with_press' => ['turns' => [0.25, 0.75], 'lift' => 0.86, 'finish' => 0],
        'continuous' => ['turns' => [0.17, 0.34, 0.50, 0.67, 0.83], 'lift' => 0.95, 'finish' => 0],
        'covered_slow' => ['turns' => [0.40, 0.75], 'lift' => 1.12, 'finish' => 0],
        'brown_then_oven' => ['turns' => [0.50], 'lift' => 0.80, 'finish' => 480],
        'flame_finish' => ['turns' => [0.31, 0.80], 'lift' => 0.83, 'finish' => 0],
        'broiler_then_oven' => ['turns' => [], 'lift' => 0.50, 'finish' => 150],
    ];

    /** Whether such a bread can be turned so at all: a batter is neither pressed nor held over a flame, a thick bread neither. */
    public static function allows(TurnSchool $school, bool $isPoured, float $thicknessMillimetres): bool
    {
        return match ($school) {
            TurnSchool::ThreeWithPress, TurnSchool::FlameFinish => ! $isPoured && $thicknessMillimetres <= Aim::THIN_MILLIMETRES,
            TurnSchool::Continuous, TurnSchool::BrownThenOven => ! $isPoured,
            TurnSchool::TwoTurns, TurnSchool::CoveredSlow, TurnSchool::BroilerThenOven => true,
        };
    }

    /** @param TurnSchool $known the school of that plan */
    public static function from(StylePlan $plan, TurnSchool $known, TurnSchool $school): StylePlan
    {
        $shares = self::SHARES[$school->value];
        $lift = $plan->liftSeconds * $shares['lift'] / self::SHARES[$known->value]['lift'];
        $last = count($shares['turns']) - 1;

        return new StylePlan(
            $plan->referenceCelsius,
            $plan->referenceMillimetres,
            array_map(static fn (float $share, int $index): array => [
                'action' => $school === TurnSchool::ThreeWithPress && $index === $last ? TurnAction::Press : TurnAction::Turn, 'seconds' => $share * $lift,
            ], $shares['turns'], array_keys($shares['turns'])),
            $lift,
            $shares['finish'],
        );
    }
}
