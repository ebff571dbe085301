<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Exchange\Node;

/** What came out: told by the cook, read back by the record. */
final readonly class Verdict
{
    private const FIELDS = [
        'pliability', 'puff', 'shade_first', 'shade_second', 'cracks', 'sticking',
        'pieces_good', 'pieces_second', 'pieces_lost', 'score', 'notes',
    ];

    /** Of all together, from 0 to this. */
    public const MOST_SCORE = 10;

    /** Pliability and puff are null for a bread that is not folded, and for one that does not puff. */
    private function __construct(
        public ?Pliability $pliability,
        public ?Puff $puff,
        public float $shadeFirst,
        public float $shadeSecond,
        public Extent $cracks,
        public Extent $sticking,
        public int $good,
        public int $seconds,
        public int $lost,
        public ?string $notes,
        public ?int $score = null,
    ) {
    }

    /** Of a batch: what its bread is made for must be told. */
    public static function read(Node $node, BatchState $batch): self
    {
        $node->object(self::FIELDS);
        $pieces = $batch->portions()->count;
        $plan = $batch->plan();
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
            $node->at('notes')->optionalProse(2000),
            $node->at('score')->optionalInteger(0, self::MOST_SCORE),
        );
        if (! $batch->hasBegun() && $batch->griddle()->since() === null) {
            $node->refuse('Nothing is in the bowl: there is nothing to judge.', 'after poured');
        }
        if ($verdict->good + $verdict->seconds + $verdict->lost > $pieces) {
            $node->at('pieces_good')->refuse('Good, second and lost pieces together are more than were made.', sprintf('at most %d together', $pieces));
        }

        return $verdict;
    }

    /** As it was kept. */
    public static function kept(?Pliability $pliability, ?Puff $puff, float $shadeFirst, float $shadeSecond, Extent $cracks, Extent $sticking, int $good, int $seconds, int $lost, ?string $notes, ?int $score = null): self
    {
        return new self($pliability, $puff, $shadeFirst, $shadeSecond, $cracks, $sticking, $good, $seconds, $lost, $notes, $score);
    }

    /** Whether a cook would make it again: it bends without breaking, nothing cracked, nothing was lost. */
    public function isGood(): bool
    {
        return in_array($this->pliability, [null, Pliability::Folds, Pliability::Wraps], true) && $this->cracks === Extent::None && $this->lost === 0;
    }

    /** @return array<string, string|int|float|null> */
    public function toArray(): array
    {
        return [
            'pliability' => $this->pliability?->value,
            'puff' => $this->puff?->value,
            'shade_first' => $this->shadeFirst,
            'shade_second' => $this->shadeSecond,
            'cracks' => $this->cracks->value,
            'sticking' => $this->sticking->value,
            'pieces_good' => $this->good,
            'pieces_second' => $this->seconds,
            'pieces_lost' => $this->lost,
            'score' => $this->score,
            'notes' => $this->notes,
        ];
    }
}
