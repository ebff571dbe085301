<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\School\ExtraPlace;
use StoneMill\School\GoesIn;

/** A part of a text with what it was taken for. Its words are kept, whatever that is. */
final readonly class ReadLine
{
    /**
     * @param string $text as it was written
     * @param Amount|null $amount as it was named
     * @param Spread|null $grams what that weighs; null where there is no amount, or it is a percentage
     * @param float|null $celsius at which it comes, where that was said
     * @param int|null $count pieces that the whole makes
     * @param list<string> $doubts whole sentences
     * @param list<string> $choices ids of ingredients that may be meant, the likeliest first
     */
    public function __construct(
        public string $text,
        public LineKind $kind,
        public ?Ingredient $ingredient = null,
        public ?Amount $amount = null,
        public ?Spread $grams = null,
        public ?GoesIn $goesIn = null,
        public ?ExtraPlace $place = null,
        public ?float $celsius = null,
        public ?int $count = null,
        public array $doubts = [],
        public array $choices = [],
    ) {
    }

    /** More of the same: by weight where both have one, else by what both are given in; what names no amount adds none. Null where they cannot be added. */
    public function and(self $more): ?self
    {
        if ($this->amount === null || $more->amount === null) {
            return $this->with($more, $this->amount ?? $more->amount, $this->grams ?? $more->grams);
        }
        $grams = $this->grams === null || $more->grams === null ? null : $this->grams->plus($more->grams);
        $amount = $grams === null ? $this->amount->plus($more->amount) : new Amount(AmountKind::Grams, $grams, $this->amount->words.' + '.$more->amount->words);

        return $amount === null ? null : $this->with($more, $amount, $grams);
    }

    private function with(self $more, ?Amount $amount, ?Spread $grams): self
    {
        return new self($this->text.' + '.$more->text, $this->kind, $this->ingredient, $amount, $grams, $this->goesIn, $this->place, $this->celsius ?? $more->celsius, $this->count, [...$this->doubts, ...$more->doubts], $this->choices);
    }

    /**
     * As the cook says it is: whatever was doubtful about that is settled.
     *
     * @param Ingredient|null $ingredient null where it is what it was taken for
     * @param float|null $grams null where its amount stands
     */
    public function settled(?Ingredient $ingredient, ?float $grams, ?Spread $weight): self
    {
        $ingredient ??= $this->ingredient;
        $amount = $grams === null ? $this->amount : new Amount(AmountKind::Grams, Spread::exactly($grams), sprintf('%s g', $grams));
        $kind = match (true) {
            $ingredient === null, $amount === null && $this->place === null && $ingredient->role !== Role::Water => LineKind::Asked,
            $ingredient->role === Role::Water => LineKind::Water,
            $this->place !== null => LineKind::Extra,
            default => LineKind::Dough,
        };

        return new self($this->text, $kind, $ingredient, $amount, $grams === null ? $weight : Spread::exactly($grams), $this->goesIn, $this->place, $this->celsius, $this->count, choices: $this->choices);
    }

    /** Words for the cook, and no part of the formula. */
    public function asNote(): self
    {
        return new self($this->text, LineKind::Note);
    }

    /** In doubt, so that it is not used before the cook has said more. */
    public function asked(string $doubt): self
    {
        return new self($this->text, LineKind::Asked, $this->ingredient, $this->amount, $this->grams, $this->goesIn, $this->place, $this->celsius, $this->count, [...$this->doubts, $doubt], $this->choices);
    }
}
