<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Document\AnalysisDocument;
use StoneMill\Document\Answer;
use StoneMill\Document\SheetDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Reading\Sheet;
use StoneMill\Reading\TrialField;
use StoneMill\Reading\TrialRows;
use StoneMill\Trial\Analysis;
use StoneMill\Trial\Design;
use StoneMill\Trial\Gauge;
use StoneMill\Trial\Level;
use StoneMill\Trial\Point;

/** What the points of a trial say: anyone's, in a document or in the table that they were written in, or those of a kitchen. */
final readonly class TrialDesk
{
    private const POINTS = 2000;

    private const LONGEST_NAME = 60;

    private const LONGEST_TRIAL = 200;

    private const MOST_VALUE = 1_000_000;

    /**
     * @throws InvalidInput If the document breaks the contract.
     */
    public function trial(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['levels', 'gauge', 'points', 'csv', 'columns', 'trial']);
        if (! $root->at('csv')->isAbsent()) {
            return self::ofTable($root, $findings);
        }
        $gauge = self::gauge($root->at('gauge'), 'the measure');
        $levels = array_map(static fn (Node $node): Level => new Level(
            $node->object(['name', 'value'])->at('name')->text(self::LONGEST_NAME),
            $node->at('value')->optionalNumber(-self::MOST_VALUE, self::MOST_VALUE),
        ), $root->at('levels')->items(2, Design::MOST_LEVELS));
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
        self::refuseOddPairs(array_map(static fn (Node $node): Node => $node->at('pair'), $nodes), $points, count($levels));
        $findings->refuseIfAny();

        return new Answer(self::findings($levels, $gauge, $points)->json());
    }

    /**
     * @param list<Level> $levels
     * @param list<Point> $points
     */
    private static function findings(array $levels, Gauge $gauge, array $points): AnalysisDocument
    {
        if ($levels === []) {
            throw InvalidInput::at('levels', 'A trial holds levels beside each other.', 0, sprintf('from 2 to %d levels', Design::MOST_LEVELS));
        }

        return new AnalysisDocument((new Analysis($levels, $gauge, $points))->findings());
    }

    private static function gauge(Node $gauge, string $otherwise): Gauge
    {
        $gauge->object(['name', 'ordered', 'more_is_better', 'matters']);

        return new Gauge(
            $gauge->at('name')->optionalText(self::LONGEST_NAME) ?? $otherwise,
            $gauge->at('ordered')->optionalBoolean() ?? false,
            $gauge->at('more_is_better')->optionalBoolean() ?? true,
            $gauge->at('matters')->optionalNumber(0, self::MOST_VALUE),
        );
    }

    private static function ofTable(Node $root, Findings $findings): Answer
    {
        foreach (['levels', 'points'] as $field) {
            if (! $root->at($field)->isAbsent()) {
                $root->at($field)->refuse('A table has them already.', 'csv, or levels and points');
            }
        }
        $mapped = TrialRows::mapped(Sheet::read($root->at('csv'), self::POINTS), $root->at('columns'));
        $gauge = self::gauge($root->at('gauge'), $mapped->columns->head(TrialField::Value) ?? 'the measure');
        $trial = $root->at('trial')->optionalText(self::LONGEST_TRIAL);
        $findings->refuseIfAny();
        $rows = TrialRows::of($mapped, $trial);
        $count = count($rows->levels);
        if ($count < 2 || $count > Design::MOST_LEVELS) {
            $root->at('csv')->refuse(sprintf('This tells of %d things that were tried.', $count), sprintf('from 2 to %d in one trial', Design::MOST_LEVELS));
        }
        self::refuseOddPairs(array_map(static fn (Point $point): Node => $root->at('csv'), $rows->points), $rows->points, $count);
        $findings->refuseIfAny();

        return new Answer([
            ...self::findings($rows->levels, $gauge, $rows->points)->json(),
            'table' => [...SheetDocument::json($mapped, TrialField::cases()), 'trials' => $rows->trials, 'trial' => $rows->trial],
        ]);
    }

    /**
     * One dough has one half of each of two levels, and either all came in halves or none.
     *
     * @param list<Node> $said where each point says of which dough it is half
     * @param list<Point> $points
     */
    private static function refuseOddPairs(array $said, array $points, int $levels): void
    {
        $seen = [];
        foreach ($points as $place => $point) {
            if (($point->pair === null) !== ($points[0]->pair === null)) {
                $said[$place]->refuse('Some points name the dough they are half of, and some do not.', 'a pair for all of them, or for none');
            } elseif ($point->pair !== null && $levels !== 2) {
                $said[$place]->refuse('Halves of one dough are of two levels.', 'no pair where there are more levels');
            } elseif ($point->pair !== null && isset($seen[$point->pair][$point->level])) {
                $said[$place]->refuse('Both halves of this dough are of one level.', 'one half of each level');
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
