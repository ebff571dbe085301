<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Node;
use StoneMill\Measure\Learned;

/** What the record of a kitchen teaches a plan of hands, griddle and bread. Each part may be missing: then the planning defaults hold. */
final readonly class Experience
{
    private const FIELDS = ['value', 'deviation', 'batches'];

    private const MOST_DEVIATION = 1000.0;

    /** @param array<string, Learned> $learned by kind */
    public function __construct(private array $learned = [])
    {
    }

    /** What is wrong with it goes to the findings of the node. */
    public static function read(Node $node): self
    {
        $node->object(array_column(LearnedKind::cases(), 'value'));
        $learned = [];
        foreach (LearnedKind::cases() as $kind) {
            if (! $node->at($kind->value)->isAbsent()) {
                $learned[$kind->value] = self::learned($node->at($kind->value), ...$kind->limits());
            }
        }

        return new self($learned);
    }

    public static function learned(Node $node, float $least, float $most): Learned
    {
        $node->object(self::FIELDS);

        return new Learned(
            $node->at('value')->number($least, $most),
            $node->at('deviation')->number(0, self::MOST_DEVIATION),
            $node->at('batches')->integer(0, Learned::MOST_BATCHES),
        );
    }

    public function of(LearnedKind $kind): ?Learned
    {
        return $this->learned[$kind->value] ?? null;
    }

    /** The same without one part, which a cook has set aside. */
    public function without(LearnedKind $kind): self
    {
        return new self(array_diff_key($this->learned, [$kind->value => true]));
    }

    public function isEmpty(): bool
    {
        return $this->learned === [];
    }

    /** @return array<string, array{value: float, deviation: float, batches: int}> as a plan request names it */
    public function toRequest(): array
    {
        $rows = [];
        foreach ($this->learned as $kind => $learned) {
            $rows[$kind] = self::row($learned, ...LearnedKind::from($kind)->limits());
        }

        return $rows;
    }

    /** @return array{value: float, deviation: float, batches: int} */
    public static function row(Learned $learned, float $least, float $most): array
    {
        return ['value' => round(max($least, min($most, $learned->value)), 4), 'deviation' => round(min(self::MOST_DEVIATION, $learned->deviation), 4), 'batches' => $learned->batches];
    }
}
