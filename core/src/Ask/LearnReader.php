<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use DateTimeImmutable;
use DateTimeZone;
use StoneMill\Exchange\Node;
use StoneMill\Learn\BatchLesson;
use StoneMill\Learn\CalibratedSetting;
use StoneMill\Learn\HandLesson;
use StoneMill\Learn\HeatLesson;
use StoneMill\Learn\KitchenRecord;
use StoneMill\Learn\WaterLesson;
use StoneMill\Pantry\LearnedWater;

/** The lessons of batches as a document names them: of water, of griddles, of hands. */
final readonly class LearnReader
{
    private const LESSONS = 20_000;

    private const BAGS = 200;

    private const PARTS = 12;

    private const READINGS = 40;

    private const SAMPLES = 60;

    private const CALIBRATIONS = 400;

    private const LONGEST_NAME = 60;

    private const LEAST_DEVIATION = 0.1;

    private const SECONDS_IN_DAY = 86400;

    /** @param list<array{flour: string, bag: string}> $bags that are asked about */
    private function __construct(public KitchenRecord $record, public array $bags)
    {
    }

    /** What is wrong with it goes to the findings of the node. */
    public static function read(Node $root): self
    {
        $root->object(['lessons', 'bags', 'heat', 'hands', 'calibrations']);
        $lessons = [
            ...array_map(static fn (Node $node): BatchLesson => new BatchLesson(0, self::water($node), null, null), self::some($root, 'lessons', self::LESSONS)),
            ...array_map(static fn (Node $node): BatchLesson => new BatchLesson(0, null, self::heat($node), null), self::some($root, 'heat', self::LESSONS)),
            ...array_map(static fn (Node $node): BatchLesson => new BatchLesson(0, null, null, self::hand($node)), self::some($root, 'hands', self::LESSONS)),
        ];
        $calibrations = array_map(self::calibration(...), self::some($root, 'calibrations', self::CALIBRATIONS));
        $bags = array_map(
            static fn (Node $node): array => ['flour' => $node->object(['flour', 'bag'])->at('flour')->text(self::LONGEST_NAME), 'bag' => $node->at('bag')->text(self::LONGEST_NAME)],
            self::some($root, 'bags', self::BAGS),
        );
        if ($lessons === [] && $calibrations === []) {
            $root->refuse('There is nothing to learn from.', 'at least one of lessons, heat, hands, calibrations');
        }

        return new self(new KitchenRecord($lessons, $calibrations), $bags);
    }

    /** @return list<Node> of a list that may be left out, but not be empty */
    private static function some(Node $root, string $field, int $most): array
    {
        return $root->at($field)->isAbsent() ? [] : $root->at($field)->items(1, $most);
    }

    private static function water(Node $node): WaterLesson
    {
        $node->object(['day', 'cook', 'points', 'deviation', 'parts', 'swollen']);
        $parts = array_map(static fn (Node $part): array => [
            'flour' => $part->object(['flour', 'bag', 'share'])->at('flour')->text(self::LONGEST_NAME),
            'bag' => $part->at('bag')->optionalText(self::LONGEST_NAME),
            'share' => $part->at('share')->number(0, 1),
        ], $node->at('parts')->items(1, self::PARTS));

        return new WaterLesson(
            $parts,
            $node->at('points')->number(-LearnedWater::MOST_POINTS, LearnedWater::MOST_POINTS, 'points'),
            $node->at('deviation')->number(self::LEAST_DEVIATION, LearnedWater::MOST_DEVIATION, 'points'),
            $node->at('cook')->optionalText(self::LONGEST_NAME),
            self::day($node),
            swollen: $node->at('swollen')->optionalNumber(0, 1) ?? 0.0,
        );
    }

    private static function heat(Node $node): HeatLesson
    {
        $node->object(['day', 'griddle', 'setting', 'style', 'planned', 'held', 'empty', 'working', 'colour', 'doubt', 'loss']);
        $readings = static fn (string $field): array => $node->at($field)->isAbsent() ? [] : array_map(static fn (Node $one): float => $one->number(-20, 500, '°C'), $node->at($field)->items(0, self::READINGS));

        $planned = $node->at('planned')->number(60, 450, '°C');

        return new HeatLesson(
            $node->at('griddle')->optionalText(self::LONGEST_NAME),
            $node->at('setting')->optionalText(self::LONGEST_NAME),
            $node->at('style')->text(self::LONGEST_NAME),
            $planned,
            $node->at('held')->optionalNumber(60, 450, '°C') ?? $planned,
            $readings('empty'),
            $readings('working'),
            $node->at('colour')->optionalNumber(-3, 3),
            $node->at('doubt')->optionalNumber(0, 3) ?? 0.0,
            $node->at('loss')->optionalNumber(-30, 30, 'points'),
            self::day($node),
        );
    }

    private static function hand(Node $node): HandLesson
    {
        $node->object(['day', 'cook', 'shape', 'pieces', 'uneven', 'discs', 'thick', 'lost', 'portion', 'shaping']);
        $seconds = static fn (string $field): array => $node->at($field)->isAbsent() ? [] : array_map(static fn (Node $one): float => $one->number(0, 600, 's'), $node->at($field)->items(0, self::SAMPLES));
        [$pieces, $uneven] = [$node->at('pieces')->optionalInteger(3, 200), $node->at('uneven')->optionalNumber(0, 1)];
        [$discs, $thick] = [$node->at('discs')->optionalInteger(1, 200), $node->at('thick')->optionalNumber(-1, 1)];

        return new HandLesson(
            $node->at('cook')->optionalText(self::LONGEST_NAME),
            $node->at('shape')->text(self::LONGEST_NAME),
            $pieces === null || $uneven === null ? null : [$pieces, $uneven],
            $discs === null || $thick === null ? null : [$discs, $thick],
            $node->at('lost')->optionalNumber(-0.2, 0.2),
            $seconds('portion'),
            $seconds('shaping'),
            self::day($node),
        );
    }

    private static function calibration(Node $node): CalibratedSetting
    {
        $node->object(['day', 'griddle', 'setting', 'celsius', 'deviation']);

        return new CalibratedSetting(
            $node->at('griddle')->text(self::LONGEST_NAME),
            $node->at('setting')->text(self::LONGEST_NAME),
            $node->at('celsius')->number(60, 450, '°C'),
            $node->at('deviation')->number(1, 100, 'K'),
            self::day($node),
        );
    }

    /** Since 1970; 0 where it is not said. */
    private static function day(Node $node): int
    {
        $day = $node->at('day')->optionalDay();

        return $day === null ? 0 : intdiv((new DateTimeImmutable($day, new DateTimeZone('UTC')))->getTimestamp(), self::SECONDS_IN_DAY);
    }
}
