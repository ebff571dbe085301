<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Griddle\Face;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Measure\Reason;

/** Touches and faces of a bake, a row each. */
final class TurnRows
{
    /** @return array{action: string, at_seconds: float, from_seconds: float, to_seconds: float} */
    public static function touch(TurnWindow $touch): array
    {
        return [
            'action' => $touch->action->value,
            'at_seconds' => round($touch->atSeconds, 1),
            'from_seconds' => round($touch->fromSeconds, 1),
            'to_seconds' => round($touch->toSeconds, 1),
        ];
    }

    /** @return array{face: string, contact_seconds: float, shade: array<string, mixed>, rest_shade: float, hottest_celsius: float|null, words: string} */
    public static function face(Face $face, Reason ...$also): array
    {
        return [
            'face' => $face->name,
            'contact_seconds' => round($face->contactSeconds, 1),
            'shade' => Figures::json($face->shadeFigure()->also(...$also)),
            'rest_shade' => round($face->restShade, 3),
            'hottest_celsius' => $face->hottestCelsius === null ? null : round($face->hottestCelsius, 1),
            'words' => $face->inWords(),
        ];
    }
}
