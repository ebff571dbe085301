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

    /** @param non-empty-list<float|string> $levels numbers on the factor's scale, or its schools */
    public function __construct(public Factor $factor, public array $levels, public Judged $judged, public int $rounds, public int $seed)
    {
    }

    /** What is wrong with it goes to the findings of the node. */
    public static function read(Node $node): self
    {
        $factor = $node->at('factor')->choice(Factor::class);
        $levels = array_map(static fn (Node $level): float|string => self::level($level, $factor), $node->at('levels')->items(2, self::MOST_LEVELS));
        if (count(array_unique(array_map(strval(...), $levels))) < count($levels)) {
            $node->at('levels')->refuse('One level stands there twice.', 'each another');
        }

        return new self(
            $factor,
            $levels === [] ? [0.0] : $levels,
            $node->at('judged')->choice(Judged::class),
            $node->at('rounds')->integer(1, self::MOST_ROUNDS),
            $node->at('seed')->integer(0, self::MOST_SEED),
        );
    }

    /** @return non-empty-list<Setting> */
    public function settings(): array
    {
        return array_map(fn (float|string $level): Setting => Setting::of($this->factor, $level), $this->levels);
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

    private static function level(Node $level, Factor $factor): float|string
    {
        if ($factor->unit() !== null) {
            [$least, $most] = $factor->range();

            return $level->number($least, $most, $factor->unit()->value);
        }
        $school = $level->text(40);
        if (! in_array($school, $factor->schools(), true)) {
            $level->refuse('There is no such school.', 'one of '.implode(', ', $factor->schools()));
        }

        return $school;
    }
}
