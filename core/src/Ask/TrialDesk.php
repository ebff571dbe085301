<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Document\AnalysisDocument;
use StoneMill\Document\Answer;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Trial\Analysis;
use StoneMill\Trial\Design;
use StoneMill\Trial\Gauge;
use StoneMill\Trial\Level;
use StoneMill\Trial\Point;

/** What the points of a trial say: anyone's, or those of a kitchen. */
final readonly class TrialDesk
{
    private const POINTS = 2000;

    private const LONGEST_NAME = 60;

    private const MOST_VALUE = 1_000_000;

    /**
     * @throws InvalidInput If the document breaks the contract.
     */
    public function trial(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['levels', 'gauge', 'points']);
        $levels = array_map(static fn (Node $node): Level => new Level(
            $node->object(['name', 'value'])->at('name')->text(self::LONGEST_NAME),
            $node->at('value')->optionalNumber(-self::MOST_VALUE, self::MOST_VALUE),
        ), $root->at('levels')->items(2, Design::MOST_LEVELS));
        $gauge = $root->at('gauge')->object(['name', 'ordered', 'more_is_better', 'matters']);
        $read = new Gauge(
            $gauge->at('name')->optionalText(self::LONGEST_NAME) ?? 'the measure',
            $gauge->at('ordered')->optionalBoolean() ?? false,
            $gauge->at('more_is_better')->optionalBoolean() ?? true,
            $gauge->at('matters')->optionalNumber(0, self::MOST_VALUE),
        );
        $names = array_map(static fn (Level $level): string => $level->name, $levels);
        if (count(array_unique($names)) < count($names)) {
            $root->at('levels')->refuse('Two levels have one name.', 'each of another name');
        }
        $nodes = $root->at('points')->isAbsent() ? [] : $root->at('points')->items(0, self::POINTS);
        $points = array_map(static fn (Node $node): Point => new Point(
            self::place($node->object(['level', 'value', 'pair'])->at('level'), $names),
            $node->at('value')->number(-self::MOST_VALUE, self::MOST_VALUE),
            $node->at('pair')->optionalText(self::LONGEST_NAME),
        ), $nodes);
        self::refuseOddPairs($nodes, $points, count($levels));
        $findings->refuseIfAny();
        if ($levels === []) {
            throw InvalidInput::at('levels', 'A trial holds levels beside each other.', 0, 'from 2 to 4 levels');
        }

        return new Answer((new AnalysisDocument((new Analysis($levels, $read, $points))->findings()))->json());
    }

    /**
     * One dough has one half of each of two levels, and either all came in halves or none.
     *
     * @param list<Node> $nodes of the points
     * @param list<Point> $points
     */
    private static function refuseOddPairs(array $nodes, array $points, int $levels): void
    {
        $seen = [];
        foreach ($points as $place => $point) {
            if (($point->pair === null) !== ($points[0]->pair === null)) {
                $nodes[$place]->at('pair')->refuse('Some points name the dough they are half of, and some do not.', 'a pair for all of them, or for none');
            } elseif ($point->pair !== null && $levels !== 2) {
                $nodes[$place]->at('pair')->refuse('Halves of one dough are of two levels.', 'no pair where there are more levels');
            } elseif ($point->pair !== null && isset($seen[$point->pair][$point->level])) {
                $nodes[$place]->at('pair')->refuse('Both halves of this dough are of one level.', 'one half of each level');
            }
            $seen[(string) $point->pair][$point->level] = true;
        }
    }

    /** @param list<string> $names */
    private static function place(Node $node, array $names): int
    {
        $place = array_search($node->text(self::LONGEST_NAME), $names, true);
        if ($place === false) {
            $node->refuse('There is no such level.', 'one of '.implode(', ', $names));
        }

        return (int) $place;
    }
}
