<?php

declare(strict_types=1);

namespace StoneMill\Tests;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Arrows point inwards and down: the core knows nobody, and a room knows only rooms on floors below its own. Static analysis checks this. */
final class Architecture
{
    /**
     * The floors from the ground up, as docs/architecture.md lists them. After an arrow stands what a room may know of its own floor.
     *
     * @var list<array<string, list<string>>>
     */
    private const FLOORS = [
        ['Measure' => [], 'Exchange' => ['Measure']],
        ['School' => [], 'Pantry' => []],
        ['Dough' => [], 'Shape' => [], 'Bake' => [], 'Griddle' => ['Bake'], 'Hearth' => ['Bake'], 'Mill' => []],
        ['Line' => [], 'Label' => [], 'Style' => []],
        ['Plan' => []],
        ['Choose' => [], 'Swap' => [], 'Blend' => [], 'Compare' => []],
        ['Record' => []],
        ['Kitchen' => [], 'Learn' => [], 'Fault' => [], 'Trial' => []],
        ['Reading' => [], 'Document' => ['Reading']],
        ['Ask' => []],
    ];

    public function test_the_core_depends_on_nothing_but_itself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::AllOf(Selector::inNamespace('StoneMill'), Selector::NOT(Selector::inNamespace('StoneMill\Tests'))))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('StoneMill'))
            ->because('the rules of the work must be tested and kept on their own');
    }

    /** @return iterable<string, Rule> */
    public function test_a_room_knows_only_rooms_on_floors_below_its_own(): iterable
    {
        $below = [];
        foreach (self::FLOORS as $floor) {
            foreach ($floor as $room => $besides) {
                yield $room => PHPat::rule()
                    ->classes(self::room($room))
                    ->canOnlyDependOn()
                    ->classes(self::room($room), Selector::classname('StoneMill\StoneMillException'), ...array_map(self::room(...), [...$below, ...$besides]))
                    ->because(sprintf('%s stands on the rooms below it; what both need belongs further down', $room));
            }
            $below = [...$below, ...array_keys($floor)];
        }
    }

    /** @return iterable<string, Rule> */
    public function test_what_is_internal_to_a_room_is_used_by_that_room_alone(): iterable
    {
        foreach (array_merge(...array_map(array_keys(...), self::FLOORS)) as $room) {
            yield $room => PHPat::rule()
                ->classes(Selector::AllOf(Selector::inNamespace('StoneMill'), Selector::NOT(self::room($room)), Selector::NOT(Selector::inNamespace('StoneMill\Tests'))))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace("StoneMill\\$room\\Internal"))
                ->because('an Internal folder holds what only its room may use');
        }
    }

    private static function room(string $room): SelectorInterface
    {
        return Selector::AllOf(Selector::inNamespace("StoneMill\\$room"), Selector::NOT(Selector::inNamespace('StoneMill\Tests')));
    }
}
