<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

use DateTimeImmutable;
use StoneMill\Dough\FeelGrade;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\RequestChange;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Verdict;

/** A batch that was made before the house was there, as its cook took it down: what was never written is null, and nothing is put in its place. */
final readonly class PastBatch
{
    public const LONGEST_KEY = 80;

    /**
     * @param string $key by which its cook's own sheet knows it: the same is the same batch
     * @param float|null $flourGrams of the flour base
     * @param float|null $hydrationPercent % of the flour base, where the water is told that way
     * @param list<PastEntry> $weighed
     */
    public function __construct(
        public string $key,
        public DateTimeImmutable $at,
        public ?float $flourGrams,
        public ?float $waterGrams,
        public ?float $hydrationPercent,
        public ?float $waterCelsius,
        public ?int $pieces,
        public ?FeelGrade $felt,
        public array $weighed,
        public ?Verdict $verdict,
        public ?string $notes,
    ) {
    }

    /** The UUID that it has in a kitchen, whoever brings it in and however often. */
    public function idIn(string $kitchen): string
    {
        return self::uuid("$kitchen|$this->key");
    }

    /** The bread, of that size, with that water. */
    public function request(GivenRequest $bread): GivenRequest
    {
        $made = $bread->with(RequestChange::anyTime());
        if ($this->flourGrams !== null) {
            $made = $made->with(RequestChange::flour($this->flourGrams));
        }
        if ($this->pieces !== null) {
            $made = $made->with($made->isScaled() ? RequestChange::piecesOfTheDough($this->pieces) : RequestChange::pieces($this->pieces));
        }

        return $this->waterCelsius === null ? $made : $made->with(RequestChange::waterOf($this->waterCelsius));
    }

    /**
     * What is known of how it went, as a log. What was weighed in that this bread does not have stays as a note.
     *
     * @param string $batch its UUID
     * @return list<BatchEvent>
     */
    public function events(string $batch, PlannedBatch $plan): array
    {
        $entries = array_filter($this->weighed, static fn (PastEntry $entry): bool => $entry->kind !== EventKind::Measured || $plan->has((string) $entry->ingredient));
        $notes = array_map(
            static fn (PastEntry $entry): string => sprintf('Weighed in %s g of %s, which is not in this bread.', (float) $entry->grams, $entry->ingredient),
            array_values(array_diff_key($this->weighed, $entries)),
        );
        if ($this->verdict === null && $this->notes !== null) {
            $notes[] = $this->notes;
        }
        $water = $this->waterGrams ?? ($this->hydrationPercent === null ? null : round($this->hydrationPercent / 100 * BatchState::of($plan, [])->bowl()->flourBaseGrams(), 1));
        if ($water !== null && $water > 0 && ! $this->has(EventKind::Poured)) {
            $entries[] = new PastEntry(EventKind::Poured, $this->at, grams: $water, celsius: $this->waterCelsius);
        }
        if ($this->felt !== null && ! $this->has(EventKind::Felt)) {
            $entries[] = new PastEntry(EventKind::Felt, $this->at, grade: $this->felt);
        }
        $events = [];
        foreach ($entries as $entry) {
            $events[] = $entry->event(self::uuid("$batch|".count($events)));
        }
        foreach ($notes as $note) {
            $events[] = new BatchEvent(id: self::uuid("$batch|".count($events)), kind: EventKind::Noted, at: $this->at, text: $note);
        }

        return $events;
    }

    private function has(EventKind $kind): bool
    {
        return array_filter($this->weighed, static fn (PastEntry $entry): bool => $entry->kind === $kind) !== [];
    }

    /** Of a name, as RFC 9562 version 8 leaves to each house to make. */
    private static function uuid(string $name): string
    {
        $hash = hash('sha256', $name);

        return sprintf('%s-%s-8%s-%x%s-%s', substr($hash, 0, 8), substr($hash, 8, 4), substr($hash, 13, 3), 8 | hexdec($hash[16]) & 3, substr($hash, 17, 3), substr($hash, 20, 12));
    }
}
