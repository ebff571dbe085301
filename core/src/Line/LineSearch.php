<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\Line\Internal\Cycle;
use StoneMill\Line\Internal\Placer;
use StoneMill\School\ActionKind;
use StoneMill\School\Stage;

/**
 * Looks for the quickest order of work among orders that lay so many pieces at a time and keep so much time
 * between. It ends as soon as one comes as close to the bound as a cook could tell, or when enough was tried.
 */
final class LineSearch
{
    /** An order must be so much quicker to be worth changing to. */
    private const WORTH_SECONDS = 0.5;

    /** @var list<int> pieces laid together */
    private const GROUPS = [1, 2, 3, 4, 5, 6, 8, 12];

    /** @var list<float> of the pace that the scarcer of hands and griddle could keep: beats to look for */
    private const BEATS = [1.0, 1.01, 1.02, 1.03, 1.05, 1.07, 1.1, 1.13, 1.16, 1.2, 1.25, 1.3];

    /** @var list<float> of that pace */
    private const SPACINGS = [0.0, 1.0, 1.05, 1.1, 1.2];

    public static function best(PieceWork $work, Crew $crew, int $pieces, Effort $effort = Effort::Search): Cooking
    {
        $bound = Bound::of($work, $crew, $pieces)->seconds;
        $best = null;
        $attempts = 0;
        foreach (self::orders($work, $crew, $pieces) as [$tried, $first, $group, $spacing]) {
            $placer = self::placed($tried, $crew, $pieces, $first, $group, $spacing);
            $attempts += $placer?->attempts() ?? 0;
            if ($placer !== null && ($best === null || $placer->end() < $best->end() - self::WORTH_SECONDS)) {
                $best = $placer;
            }
            if ($best !== null && $effort->isEnough($best->end() / $bound, $attempts)) {
                break;
            }
        }

        return self::cooking($best ?? throw new \LogicException('One piece at a time can always be placed.'), $work, $pieces);
    }

    /**
     * Orders worth trying: as soon as it can be; on an even beat; in groups, with more and more time between.
     *
     * @return iterable<array{PieceWork, int, int, float}> the work, pieces in the first group, in the others, seconds between
     */
    private static function orders(PieceWork $work, Crew $crew, int $pieces): iterable
    {
        $pace = self::pace($work, $crew);
        yield [$work, 1, 1, 0.0];
        foreach (self::BEATS as $slower) {
            $fitted = Cycle::fitted($work, $crew, $pace * $slower);
            if ($fitted !== null) {
                yield [$fitted, 1, 1, $pace * $slower];
                yield [$fitted, 1, 1, 0.0];
                break;
            }
        }
        $groups = self::groups($work, $crew, $pieces);
        foreach (self::SPACINGS as $spacing) {
            foreach ($groups as $group) {
                // Where the last group would be a small one, it may as well come first.
                foreach (array_unique([$group, $pieces % $group ?: $group]) as $first) {
                    if ($group > 1 || $spacing > 0) {
                        yield [$work, $first, $group, $spacing * $pace];
                    }
                }
            }
        }
    }

    /** @return list<int> how many pieces can be laid together without being in each other's way */
    private static function groups(PieceWork $work, Crew $crew, int $pieces): array
    {
        $most = min($pieces, $crew->places);

        return array_values(array_filter(self::GROUPS, static fn (int $group): bool => $group === 1 || $group <= $most
            && (new Placer($work, $crew->whenHot()))->group(range(1, $group), array_fill(0, $group, 0.0), 0.0)));
    }

    /** Null where so many together are in each other's way. */
    private static function placed(PieceWork $work, Crew $crew, int $pieces, int $first, int $group, float $spacing): ?Placer
    {
        $placer = new Placer($work, $crew);
        $placer->portion($pieces);
        for ($piece = 1, $together = $first; $piece <= $pieces; $piece += $together, $together = $group) {
            $numbers = range($piece, min($pieces, $piece + $together - 1));
            $weighed = array_map(static fn (int $number): float => $number * $work->portion, $numbers);
            if (! $placer->group($numbers, $weighed, max(0.0, $spacing * $together - ($together - 1) * $work->lay))) {
                return null;
            }
        }

        return $placer;
    }

    /** Seconds a piece at which the scarcer of griddle and hands could go on for ever. */
    private static function pace(PieceWork $work, Crew $crew): float
    {
        return max(($work->stay + $work->recover) / $crew->places, ($work->hands - ($crew->hands === 1 ? $work->portion : 0.0)) / $crew->hands);
    }

    private static function cooking(Placer $placer, PieceWork $work, int $pieces): Cooking
    {
        $actions = [];
        for ($piece = 1; $work->portion > 0 && $piece <= $pieces; $piece++) {
            $actions[] = new Action(ActionKind::Portion, Stage::Portion, ($piece - 1) * $work->portion, $piece * $work->portion, 1, $piece, null);
        }
        foreach ($placer->placed() as $task) {
            if ($task['touch'] === 0 && $work->oil > 0) {
                $actions[] = new Action(ActionKind::Oil, Stage::Griddle, $task['from'], $task['from'] + $work->oil, $task['hands'], $task['piece'], $task['place']);
                $task['from'] += $work->oil;
            }
            $actions[] = new Action($task['kind'], $task['kind']->stage(), $task['from'], $task['until'], $task['hands'], $task['piece'], $task['place']);
        }

        return new Cooking(Action::inOrder($actions), $placer->end());
    }
}
