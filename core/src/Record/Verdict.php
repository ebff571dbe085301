<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Exchange\Node;
use StoneMill\Plan\Limits;

/**
 * What came out: told by the cook, read back by the record. Of a batch that was made before anybody asked, as much as its cook took down: what was
 * never told is null there, and only there.
 */
final readonly class Verdict
{
    private const FIELDS = [
        'pliability', 'puff', 'shade_first', 'shade_second', 'cracks', 'sticking',
        'pieces_good', 'pieces_second', 'pieces_lost', 'score', 'notes',
    ];

    /** Of all together, from 0 to this. */
    public const MOST_SCORE = 10;

    public const LONGEST_NOTES = 2000;

    /**
     * Pliability and puff are null for a bread that is not folded, and for one that does not puff.
     *
     * @param list<self> $halves what was said of each half, where the dough was made in two ways; else none
     * @param bool|null $again whether its cook would make it again, where that was said in so many words
     */
    private function __construct(
        public ?Pliability $pliability,
        public ?Puff $puff,
        public ?float $shadeFirst,
        public ?float $shadeSecond,
        public ?Extent $cracks,
        public ?Extent $sticking,
        public ?int $good,
        public ?int $seconds,
        public ?int $lost,
        public ?string $notes,
        public ?int $score = null,
        public array $halves = [],
        public ?bool $again = null,
    ) {
    }

    /** Of a batch: what its bread is made for must be told. */
    public static function read(Node $node, BatchState $batch): self
    {
        $node->object(self::FIELDS);
        $verdict = self::readOf($node, $batch->portions()->count, $batch->plan());
        if (! self::wasMade($batch)) {
            $node->refuse('Nothing is in the bowl: there is nothing to judge.', 'after poured');
        }

        return $verdict;
    }

    /** Of a batch whose dough was made in two ways: each half is judged by itself. */
    public static function readHalves(Node $node, BatchState $batch): self
    {
        $pieces = Halves::pieces($batch->portions()->count);
        $nodes = $node->object(['halves'])->at('halves')->items(2, 2);
        $halves = array_map(static fn (Node $half, int $count): self => self::readOf($half->object(self::FIELDS), $count, $batch->plan()), $nodes, array_slice($pieces, 0, count($nodes)));
        if (! self::wasMade($batch)) {
            $node->refuse('Nothing is in the bowl: there is nothing to judge.', 'after poured');
        }

        return count($halves) === 2 ? self::together($halves[0], $halves[1]) : self::kept(null, null, 0.0, 0.0, Extent::None, Extent::None, 0, 0, 0, null);
    }

    /** What is said of a dough by what was said of its halves: the worse of what is told in steps, the mean of what is told on a scale, all of the pieces. */
    private static function together(self $first, self $second): self
    {
        $notes = implode("\n", array_filter([$first->notes, $second->notes], is_string(...)));

        return new self(
            $first->pliability === null || $second->pliability === null ? null : ($first->pliability->steps() <= $second->pliability->steps() ? $first->pliability : $second->pliability),
            $first->puff === null || $second->puff === null ? null : ($first->puff->steps() <= $second->puff->steps() ? $first->puff : $second->puff),
            ($first->shadeFirst + $second->shadeFirst) / 2,
            ($first->shadeSecond + $second->shadeSecond) / 2,
            Extent::worse($first->cracks, $second->cracks),
            Extent::worse($first->sticking, $second->sticking),
            $first->good + $second->good,
            $first->seconds + $second->seconds,
            $first->lost + $second->lost,
            $notes === '' ? null : $notes,
            $first->score === null || $second->score === null ? null : (int) round(($first->score + $second->score) / 2),
            [$first, $second],
        );
    }

    /** Of a batch of long ago, as much as was taken down of it; null where that says nothing of how it came out. */
    public static function readTold(Node $node): ?self
    {
        $node->object([...self::FIELDS, 'again']);
        $pieces = static fn (string $field): ?int => $node->at($field)->optionalInteger(0, Limits::PIECES);
        $told = new self(
            $node->at('pliability')->optionalChoice(Pliability::class),
            $node->at('puff')->optionalChoice(Puff::class),
            $node->at('shade_first')->optionalNumber(0, 1),
            $node->at('shade_second')->optionalNumber(0, 1),
            $node->at('cracks')->optionalChoice(Extent::class),
            $node->at('sticking')->optionalChoice(Extent::class),
            $pieces('pieces_good'),
            $pieces('pieces_second'),
            $pieces('pieces_lost'),
            $node->at('notes')->optionalProse(self::LONGEST_NOTES),
            $node->at('score')->optionalInteger(0, self::MOST_SCORE),
            [],
            $node->at('again')->optionalBoolean(),
        );

        return $told->saysSomething() ? $told : null;
    }

    /** The same with these notes. */
    public function noting(?string $notes): self
    {
        return new self($this->pliability, $this->puff, $this->shadeFirst, $this->shadeSecond, $this->cracks, $this->sticking, $this->good, $this->seconds, $this->lost, $notes, $this->score, $this->halves, $this->again);
    }

    /** Whether anything is told of how it came out; notes alone may be of anything. */
    public function saysSomething(): bool
    {
        return array_filter([$this->pliability, $this->puff, $this->shadeFirst, $this->shadeSecond, $this->cracks, $this->sticking, $this->good, $this->seconds, $this->lost, $this->score, $this->again], static fn (mixed $told): bool => $told !== null) !== [];
    }

    private static function readOf(Node $node, int $pieces, PlannedBatch $plan): self
    {
        $verdict = new self(
            $plan->isFolded() ? $node->at('pliability')->choice(Pliability::class) : $node->at('pliability')->optionalChoice(Pliability::class),
            $plan->puffs() ? $node->at('puff')->choice(Puff::class) : $node->at('puff')->optionalChoice(Puff::class),
            $node->at('shade_first')->number(0, 1),
            $node->at('shade_second')->number(0, 1),
            $node->at('cracks')->choice(Extent::class),
            $node->at('sticking')->choice(Extent::class),
            $node->at('pieces_good')->integer(0, $pieces),
            $node->at('pieces_second')->integer(0, $pieces),
            $node->at('pieces_lost')->integer(0, $pieces),
            $node->at('notes')->optionalProse(self::LONGEST_NOTES),
            $node->at('score')->optionalInteger(0, self::MOST_SCORE),
        );
        if ($verdict->good + $verdict->seconds + $verdict->lost > $pieces) {
            $node->at('pieces_good')->refuse('Good, second and lost pieces together are more than were made.', sprintf('at most %d together', $pieces));
        }

        return $verdict;
    }

    private static function wasMade(BatchState $batch): bool
    {
        return $batch->hasBegun() || $batch->griddle()->since() !== null;
    }

    /**
     * As it was kept.
     *
     * @param list<self> $halves
     */
    public static function kept(?Pliability $pliability, ?Puff $puff, ?float $shadeFirst, ?float $shadeSecond, ?Extent $cracks, ?Extent $sticking, ?int $good, ?int $seconds, ?int $lost, ?string $notes, ?int $score = null, array $halves = [], ?bool $again = null): self
    {
        return new self($pliability, $puff, $shadeFirst, $shadeSecond, $cracks, $sticking, $good, $seconds, $lost, $notes, $score, $halves, $again);
    }

    /** Whether a cook would make it again: as was said; else it bends without breaking, nothing cracked, nothing was lost. Null where too little was told. */
    public function isGood(): ?bool
    {
        if ($this->again !== null) {
            return $this->again;
        }
        $isFaulty = ! in_array($this->pliability, [null, Pliability::Folds, Pliability::Wraps], true) || $this->cracks?->isFault() === true || $this->lost > 0;

        return $isFaulty ? false : ($this->cracks === null || $this->lost === null ? null : true);
    }
}
