<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use DateTimeImmutable;
use DateTimeZone;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Learn\WaterLesson;
use StoneMill\Learn\WaterRecord;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\LearnedWater;

/** Questions about what the record says: lessons of batches in, what is known of bags out. */
final readonly class LearnDesk
{
    public const LESSONS = 20_000;

    public const BAGS = 200;

    public const PARTS = 12;

    private const SECONDS_IN_DAY = 86400;

    private const LONGEST_NAME = 60;

    private const LEAST_DEVIATION = 0.1;

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput If the document breaks the contract.
     */
    public function learn(mixed $document): array
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['lessons', 'bags']);
        $lessons = array_map(self::lesson(...), $root->at('lessons')->items(1, self::LESSONS));
        $bags = array_map(static fn (Node $node): array => [
            'flour' => $node->object(['flour', 'bag'])->at('flour')->text(self::LONGEST_NAME), 'bag' => $node->at('bag')->text(self::LONGEST_NAME),
        ], $root->at('bags')->items(1, self::BAGS));
        $findings->refuseIfAny();
        $record = new WaterRecord($lessons);

        return ['bags' => array_map(static fn (array $bag): array => [...$bag, 'water' => self::water($record, $bag['flour'], $bag['bag'])], $bags)];
    }

    /** @return array<string, mixed>|null null where nothing was learned */
    public static function water(WaterRecord $record, string $flour, string $bag): ?array
    {
        $known = $record->bag($flour, $bag);
        if ($known === null) {
            return null;
        }

        return [
            ...self::known($known),
            'words' => 'This bag '.$known->inWords(),
            'more_until_half' => $record->batchesUntilHalf($known),
            'settling' => array_map(static fn (array $step): array => [
                'points' => round($step['points'], 2), 'reach' => round(Spread::DECILE_DEVIATIONS * $step['deviation'], 2), 'known' => self::known($step['known']),
            ], $record->settling($flour, $bag)),
        ];
    }

    private static function lesson(Node $node): WaterLesson
    {
        $node->object(['day', 'cook', 'points', 'deviation', 'parts']);
        $parts = array_map(static fn (Node $part): array => [
            'flour' => $part->object(['flour', 'bag', 'share'])->at('flour')->text(self::LONGEST_NAME),
            'bag' => $part->at('bag')->optionalText(self::LONGEST_NAME),
            'share' => $part->at('share')->number(0, 1),
        ], $node->at('parts')->items(1, self::PARTS));
        $day = $node->at('day')->optionalDay();

        return new WaterLesson(
            $parts,
            $node->at('points')->number(-LearnedWater::MOST_POINTS, LearnedWater::MOST_POINTS, 'points'),
            $node->at('deviation')->number(self::LEAST_DEVIATION, LearnedWater::MOST_DEVIATION, 'points'),
            $node->at('cook')->optionalText(self::LONGEST_NAME),
            $day === null ? 0 : intdiv((new DateTimeImmutable($day, new DateTimeZone('UTC')))->getTimestamp(), self::SECONDS_IN_DAY),
        );
    }

    /** @return array{points: float, deviation: float, batches: int, low: float, high: float} */
    private static function known(LearnedWater $known): array
    {
        $reach = Spread::DECILE_DEVIATIONS * $known->deviation;

        return [...$known->toRequest(), 'low' => round($known->points - $reach, 2), 'high' => round($known->points + $reach, 2)];
    }
}
