<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\School\ActionKind;
use StoneMill\School\Stage;

/** One piece of work on the line: what, when, and whose hands it takes. */
final readonly class Action
{
    /** @param Stage|null $stage null for what goes on beside all of them */
    public function __construct(
        public ActionKind $kind,
        public ?Stage $stage,
        public float $atSeconds,
        public float $untilSeconds,
        public ?int $hands,
        public ?int $piece,
        public ?int $place,
    ) {
    }

    /**
     * @param list<self> $actions
     * @return list<self> by start, then by end
     */
    public static function inOrder(array $actions): array
    {
        usort($actions, static fn (self $a, self $b): int => [$a->atSeconds, $a->untilSeconds] <=> [$b->atSeconds, $b->untilSeconds]);

        return $actions;
    }

    public function shiftedBy(float $seconds): self
    {
        return new self($this->kind, $this->stage, $this->atSeconds + $seconds, $this->untilSeconds + $seconds, $this->hands, $this->piece, $this->place);
    }

    public function longerBy(float $seconds): self
    {
        return new self($this->kind, $this->stage, $this->atSeconds, $this->untilSeconds + $seconds, $this->hands, $this->piece, $this->place);
    }

    public function renumberedBy(int $pieces): self
    {
        return $this->piece === null ? $this : new self($this->kind, $this->stage, $this->atSeconds, $this->untilSeconds, $this->hands, $this->piece + $pieces, $this->place);
    }
}
