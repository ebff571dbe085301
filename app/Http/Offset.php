<?php

declare(strict_types=1);

namespace App\Http;

use DateTimeZone;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** How far the clock of whoever asks is from UTC: where a batch has no serving time, nothing else tells. */
final class Offset
{
    private const MOST_MINUTES = 840;

    public static function of(Request $request): DateTimeZone
    {
        $findings = new Findings;
        $minutes = Node::root(Address::of($request), $findings)->at('offset_minutes')->optionalInteger(-self::MOST_MINUTES, self::MOST_MINUTES) ?? 0;
        $findings->refuseIfAny();

        return new DateTimeZone(sprintf('%s%02d:%02d', $minutes < 0 ? '-' : '+', intdiv(abs($minutes), 60), abs($minutes) % 60));
    }
}
