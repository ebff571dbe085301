<?php

declare(strict_types=1);

namespace StoneMill\Document\Griddle;

use StoneMill\Bake\Colour;
use StoneMill\Griddle\Face;
use StoneMill\Griddle\FollowedLoads;
use StoneMill\Griddle\Judgement;
use StoneMill\Griddle\Load;
use StoneMill\Griddle\Noticed;
use StoneMill\Griddle\Offset;
use StoneMill\Griddle\PlannedBake;
use StoneMill\Griddle\Practised;
use StoneMill\Griddle\Sensitivity;
use StoneMill\Griddle\TurnSearch;
use StoneMill\Griddle\TurnWish;

/** Answers about the griddle: a bake and what being off makes of it, the search for turns, loads, practice. */
final class GriddleAnswers
{
    /** @return array<string, mixed> */
    public static function bake(PlannedBake $found, ?PlannedBake $own, bool $withSensitivity): array
    {
        return [
            'found' => (new SectionPart($found))->json(),
            'own' => $own === null ? null : (new SectionPart($own))->json(),
            'sensitivity' => $withSensitivity ? self::sensitivity($found) : null,
        ];
    }

    /**
     * @param non-empty-list<PlannedBake> $found the best first
     * @return array<string, mixed>
     */
    public static function turns(TurnSearch $search, array $found): array
    {
        $best = $found[0];

        return [
            'best' => (new SectionPart($best))->json(),
            'wish' => self::wish($search->wish, $best),
            'met' => $search->unmet($best) === [],
            'unmet' => $search->unmet($best),
            'sensitivity' => self::sensitivity($best),
            'others' => array_map(static fn (PlannedBake $one): array => [
                'school' => $one->laying->school->value,
                'surface_celsius' => round($one->laying->surfaceCelsius(), 1),
                'lift_at_seconds' => round($one->liftedAtSeconds, 1),
                'unmet' => $search->unmet($one),
            ], array_slice($found, 1)),
        ];
    }

    /** @return array<string, mixed> the wish that makes a plan request come to this plan, with the school it is turned by */
    private static function wish(TurnWish $wish, PlannedBake $baked): array
    {
        return [
            'turns' => $baked->laying->school->value,
            'griddle' => [
                'surface_celsius' => $baked->laying->surfaceCelsius(),
                ...($wish->aim->wishesShade ? ['shade' => $wish->aim->shade] : []),
                ...($wish->aim->wishesLoss ? ['weight_loss_percent' => 100 * ($wish->aim->lossShare + $wish->aim->lossBeside)] : []),
                'balance' => $baked->laying->balance,
                ...($baked->laying->turnCount === null ? [] : ['turn_count' => $baked->laying->turnCount]),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function loads(FollowedLoads $followed): array
    {
        return [
            'loads' => array_map(static fn (Load $load): array => [
                'load' => $load->number,
                'laid_on_celsius' => round($load->laidOnCelsius, 1),
                'lowest_celsius' => round($load->lowestCelsius(), 1),
                'weight_loss_percent' => round(100 * $load->work->bake->lossShare(), 2),
                'centre_celsius' => round($load->work->bake->centreCelsius(), 1),
                'shades' => array_map(static fn (Face $face): float => round($face->shade, 3), $load->faces()),
            ], $followed->loads),
            'wait_seconds' => round($followed->waitSeconds),
            'gap_seconds' => $followed->gapSeconds,
            'words' => $followed->words,
        ];
    }

    /** @return array<string, mixed> only what a cook can see, hear and smell, and the thermometer in the metal */
    public static function practice(Practised $practised): array
    {
        $bake = $practised->work->bake;
        $above = $bake->above();
        $noticed = new Noticed($practised->work);

        return [
            'seconds' => round($bake->secondsOn(), 1),
            'seen' => [
                'top_shade' => round(Colour::shade($above->spotBrownness), 3),
                'top_rest_shade' => round(Colour::shade($above->brownness), 3),
                'top_wet' => round($noticed->topWet(), 3),
                'first_face_up' => $bake->isUpsideDown(),
                'puffed' => $bake->isPuffed(),
                'metal_celsius' => round($bake->metalCelsius()),
                'steam' => $noticed->steam(),
                'words' => $noticed->words(),
            ],
            'lifted' => $practised->lifted === null ? null : ['section' => (new SectionPart($practised->lifted))->json(), 'points' => (new Judgement($practised->lifted))->points()],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function sensitivity(PlannedBake $baked): array
    {
        return array_map(static fn (Offset $off): array => [
            'what' => $off->what,
            'by' => round($off->by, 2),
            'lift_at_seconds' => round($off->anew->liftedAtSeconds, 1),
            'later_by_seconds' => round($off->laterBySeconds, 1),
            'kept' => [
                'weight_loss_percent' => round(100 * $off->kept->work->bake->lossShare(), 2),
                'centre_celsius' => round($off->kept->centreBeforeLift, 1),
                'shades' => array_map(static fn (Face $face): float => round($face->shade, 3), $off->kept->plan()->faces),
                'words' => array_map(static fn (Face $face): string => $face->inWords(), $off->kept->plan()->faces),
            ],
        ], (new Sensitivity($baked))->offsets());
    }
}
