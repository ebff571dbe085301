<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Exchange\Node;

/** A trial as it is set up: one thing, a few levels of it, what judges, and how often each level comes. */
final readonly class Design
{
    public const MOST_LEVELS = 4;

    public const MOST_ROUNDS = 20;

    public const MOST_SEED = 2_000_000_000;

    /** @var list<string|null> */
    private array $names;

    /**
     * @param non-empty-list<float|string> $levels numbers on the factor's scale, its schools, or things of the pantry by their identifiers
     * @param bool $inHalves whether each batch is one dough, of which each of two levels has a half
     * @param list<string|null>|null $names what things of the pantry are called, level by level
     */
    public function __construct(public Factor $factor, public array $levels, public Judged $judged, public int $rounds, public int $seed, public bool $inHalves = false, ?array $names = null)
    {
        $this->names = $names ?? array_fill(0, count($levels), null);
    }

    /**
     * What is wrong with it goes to the findings of the node.
     *
     * @param array<string, string> $pantry what things are called that can be levels of flour and bag, by their identifiers
     */
    public static function read(Node $node, array $pantry): self
    {
        $factor = $node->at('factor')->choice(Factor::class);
        $levels = array_map(static fn (Node $level): float|string => self::level($level, $factor, $pantry), $node->at('levels')->items(2, self::MOST_LEVELS));
        if (count(array_unique(array_map(strval(...), $levels))) < count($levels)) {
            $node->at('levels')->refuse('One level stands there twice.', 'each another');
        }

        $judged = $node->at('judged')->choice(Judged::class);
        $inHalves = $node->at('halves')->optionalBoolean() ?? false;
        if ($inHalves && ! $factor->comesAfterMixing()) {
            $node->at('halves')->refuse(sprintf('Both halves of a dough have the same %s.', lcfirst($factor->inWords())), 'something that comes after the mixing');
        } elseif ($inHalves && count($levels) !== 2) {
            $node->at('halves')->refuse('A dough has two halves.', 'two levels');
        } elseif ($inHalves && ! $judged->tellsHalvesApart()) {
            $node->at('judged')->refuse('The whole stack is weighed, not each half.', 'something that is seen of each half');
        } elseif ($inHalves && $node->at('blind')->optionalBoolean() === true) {
            $node->at('blind')->refuse('Who sets each half knows which it is.', 'false where one dough is halved');
        }

        return new self(
            $factor,
            $levels === [] ? [0.0] : $levels,
            $judged,
            $node->at('rounds')->integer(1, self::MOST_ROUNDS),
            $node->at('seed')->integer(0, self::MOST_SEED),
            $inHalves,
            array_map(static fn (float|string $level): ?string => $factor->isOfThePantry() ? $pantry[(string) $level] ?? null : null, $levels === [] ? [0.0] : $levels),
        );
    }

    /** @return non-empty-list<Setting> */
    public function settings(): array
    {
        return array_map(fn (float|string $level, ?string $name): Setting => Setting::of($this->factor, $level, $name), $this->levels, $this->names);
    }

    /** @return non-empty-list<Level> */
    public function named(): array
    {
        return array_map(static fn (Setting $setting): Level => new Level($setting->inWords(), $setting->value()), $this->settings());
    }

    /** @return list<int> levels by their place, in the order in which they are made */
    public function order(): array
    {
        return Order::of(count($this->levels), $this->rounds, $this->seed);
    }

    /** How many batches it takes: where each is halved, both levels are made at once. */
    public function batches(): int
    {
        return $this->inHalves ? $this->rounds : count($this->order());
    }

    /** The level of a batch, or of its first half, by how many were made before; null where that was all. */
    public function levelAfter(int $made): ?int
    {
        return $this->order()[$this->inHalves ? 2 * $made : $made] ?? null;
    }

    /** @return list<string|null> what its levels are called where they are things of the pantry */
    public function names(): array
    {
        return $this->names;
    }

    /** @param array<string, string> $pantry */
    private static function level(Node $level, Factor $factor, array $pantry): float|string
    {
        if ($factor->unit() !== null) {
            [$least, $most] = $factor->range();

            return $level->number($least, $most, $factor->unit()->value);
        }
        if ($factor->isOfThePantry()) {
            $thing = $level->text(80);
            if (! isset($pantry[$thing])) {
                $level->refuse($factor === Factor::Bag ? 'This kitchen has no such bag.' : 'There is no such flour.', $factor === Factor::Bag ? 'a bag with something in it' : 'a flour of the pantry');
            }

            return $thing;
        }
        $school = $level->text(40);
        if (! in_array($school, $factor->schools(), true)) {
            $level->refuse('There is no such school.', 'one of '.implode(', ', $factor->schools()));
        }

        return $school;
    }
}
