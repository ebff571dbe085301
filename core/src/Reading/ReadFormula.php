<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Style\Style;
use StoneMill\Style\Styles;

/** What the lines of a text add up to: a formula that a plan takes, as far as nothing of it is open. */
final readonly class ReadFormula
{
    /** @var list<ReadLine> as they were read; what cannot be added to the same thing above it is asked about */
    public array $lines;

    /** @var array<string, ReadLine> each ingredient once in a place, its amounts added up */
    private array $sums;

    /** @param list<ReadLine> $lines */
    public function __construct(array $lines)
    {
        $sums = [];
        foreach ($lines as $at => $line) {
            $key = self::key($line);
            if ($key === null) {
                continue;
            }
            $sum = isset($sums[$key]) ? $sums[$key]->and($line) : $line;
            if ($sum === null) {
                $lines[$at] = $line->asked('This stands above already, given in another way that it cannot be added to: give both in grams, or keep one as a note.');
            }
            $sums[$key] = $sum ?? $sums[$key];
        }
        $this->lines = $lines;
        $this->sums = $sums;
    }

    /** Lines that cannot be used before the cook has said more. */
    public function open(): int
    {
        return count(self::of(LineKind::Asked, $this->lines));
    }

    /** @return list<ReadLine> what goes into the bowl, each ingredient once, its amounts added up */
    public function dough(): array
    {
        return [...self::of(LineKind::Dough, $this->sums), ...self::of(LineKind::Water, $this->sums)];
    }

    /** @return list<ReadLine> what goes under, around, into or onto the pieces, each ingredient once in a place */
    public function extras(): array
    {
        return self::of(LineKind::Extra, $this->sums);
    }

    /** Pieces that it says it makes. */
    public function count(): ?int
    {
        return self::of(LineKind::Yield, $this->lines)[0]->count ?? null;
    }

    /** °C of the water that it names. */
    public function waterCelsius(): ?float
    {
        return self::of(LineKind::Water, $this->lines)[0]->celsius ?? null;
    }

    /**
     * The shipped breads whose flours are most like these, the likest first.
     *
     * @return list<Style>
     */
    public function likest(Styles $styles): array
    {
        $flour = [];
        foreach ($this->dough() as $line) {
            if ($line->ingredient?->role->isFlourBase() === true) {
                $flour[$line->ingredient->id] = $line->grams->likely ?? $line->amount->number->likely ?? 0.0;
            }
        }
        $whole = array_sum($flour);
        $alike = [];
        foreach ($styles->all() as $style) {
            $alike[$style->id] = 0.0;
            foreach ($style->formula as ['ingredient' => $ingredient, 'percent' => $percent]) {
                $alike[$style->id] += $whole > 0 ? min($percent / 100, ($flour[$ingredient] ?? 0.0) / $whole) : 0.0;
            }
        }
        $all = $styles->all();
        // PHP sorts stably: of two alike the one that is listed first stays first.
        usort($all, static fn (Style $one, Style $other): int => $alike[$other->id] <=> $alike[$one->id]);

        return $all;
    }

    /**
     * @param array<ReadLine> $lines
     * @return list<ReadLine>
     */
    private static function of(LineKind $kind, array $lines): array
    {
        return array_values(array_filter($lines, static fn (ReadLine $line): bool => $line->kind === $kind));
    }

    /** Lines of one key are one line of the formula; null for what is no line of it. */
    private static function key(ReadLine $line): ?string
    {
        $isLine = $line->kind === LineKind::Dough || $line->kind === LineKind::Extra || $line->kind === LineKind::Water && $line->amount !== null;

        return $isLine ? ($line->ingredient->id ?? '').' '.($line->place->value ?? '') : null;
    }
}
