<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Dough\FeelGrade;
use StoneMill\Exchange\Node;
use StoneMill\Kitchen\PastBatch;
use StoneMill\Kitchen\PastEntry;
use StoneMill\Plan\Limits;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\Record\Verdict;

/** Reads a batch of long ago from a document. */
final class PastReader
{
    public const FIELDS = ['key', 'at', 'flour_grams', 'water_grams', 'hydration_percent', 'water_celsius', 'pieces', 'felt', 'weighed', 'verdict', 'notes'];

    /** What is told of the bowl. */
    private const KINDS = [EventKind::Measured, EventKind::Poured, EventKind::Corrected, EventKind::Felt, EventKind::TemperatureTaken];

    private const MOST_ENTRIES = 200;

    /** What is wrong goes to the findings of the node. */
    public static function read(Node $node): PastBatch
    {
        $pieces = $node->at('pieces')->optionalInteger(1, Limits::PIECES);
        $verdict = $node->at('verdict')->isAbsent() ? null : Verdict::readTold($node->at('verdict'));
        $counted = (int) $verdict?->good + (int) $verdict?->seconds + (int) $verdict?->lost;
        if ($counted > ($pieces ?? Limits::PIECES)) {
            $node->at('verdict')->refuse('Good, second and lost pieces together are more than were made.', sprintf('at most %d together', $pieces ?? Limits::PIECES));
        }
        if (! $node->at('water_grams')->isAbsent() && ! $node->at('hydration_percent')->isAbsent()) {
            $node->refuse('Water in grams and in % of flour together say too much.', 'water_grams or hydration_percent');
        }
        $weighed = $node->at('weighed')->isAbsent() ? [] : $node->at('weighed')->items(0, self::MOST_ENTRIES);

        return new PastBatch(
            $node->at('key')->text(PastBatch::LONGEST_KEY),
            $node->at('at')->moment(),
            $node->at('flour_grams')->optionalNumber(Limits::LEAST_GRAMS, Limits::MOST_GRAMS, 'g'),
            $node->at('water_grams')->optionalNumber(0, Limits::MOST_GRAMS, 'g'),
            $node->at('hydration_percent')->optionalNumber(0, Limits::MOST_HYDRATION_PERCENT, '%'),
            $node->at('water_celsius')->optionalNumber(0, Limits::MOST_WATER_CELSIUS, '°C'),
            $pieces,
            $node->at('felt')->optionalChoice(FeelGrade::class),
            array_map(self::entry(...), $weighed),
            $verdict,
            $node->at('notes')->optionalProse(Verdict::LONGEST_NOTES),
        );
    }

    private static function entry(Node $node): PastEntry
    {
        $kind = $node->at('kind')->choice(EventKind::class);
        if (! in_array($kind, self::KINDS, true)) {
            $node->at('kind')->refuse('This is not told of a batch of long ago.', implode(', ', array_map(static fn (EventKind $kind): string => $kind->value, self::KINDS)));
        }
        $node->object(['kind', 'at', ...$kind->required(), ...($kind === EventKind::Poured ? ['celsius'] : [])]);
        foreach ($kind->required() as $field) {
            if ($node->at($field)->isAbsent()) {
                $node->at($field)->refuse('This is missing.', sprintf('given with every entry of kind %s', $kind->value));
            }
        }

        return new PastEntry(
            $kind,
            LogTime::ofMilliseconds(LogTime::toMilliseconds($node->at('at')->moment())),
            $node->at('ingredient')->optionalText(BatchEvent::LONGEST_INGREDIENT),
            $node->at('grams')->optionalNumber(0, Limits::MOST_GRAMS, 'g'),
            $node->at('water_grams')->optionalNumber(0, Limits::MOST_GRAMS, 'g'),
            $node->at('flour_grams')->optionalNumber(0, Limits::MOST_GRAMS, 'g'),
            $node->at('celsius')->optionalNumber(0, Limits::MOST_WATER_CELSIUS, '°C'),
            $node->at('grade')->optionalChoice(FeelGrade::class),
        );
    }
}
