<?php

declare(strict_types=1);

namespace App\Http;

use DateTimeZone;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/**
 * By which clock whoever asks lives. The name of a zone knows when clocks are put forward, which a difference from UTC does
 * not; without either it is UTC.
 */
final class ReadersZone
{
    private const MOST_MINUTES = 840;

    private const LONGEST_NAME = 60;

    public static function of(Request $request): DateTimeZone
    {
        $findings = new Findings;
        $address = Node::root(Address::of($request), $findings);
        $minutes = $address->at('offset_minutes')->optionalInteger(-self::MOST_MINUTES, self::MOST_MINUTES) ?? 0;
        $zone = self::named($address->at('zone'));
        $findings->refuseIfAny();

        return $zone ?? new DateTimeZone(sprintf('%s%02d:%02d', $minutes < 0 ? '-' : '+', intdiv(abs($minutes), 60), abs($minutes) % 60));
    }

    private static function named(Node $node): ?DateTimeZone
    {
        $name = $node->optionalText(self::LONGEST_NAME);
        if ($name === null || $name === '') {
            return null;
        }
        if (! in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)) {
            $node->refuse('This is no time zone.', 'a name of the IANA time zone database');

            return null;
        }

        return new DateTimeZone($name);
    }
}
