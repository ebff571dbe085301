<?php

declare(strict_types=1);

namespace StoneMill\Blend;

/** One wish for a blend, as the rows of a linear program that it stands for. */
final readonly class Wish
{
    /**
     * @param string $id what is wished for, in the words of the request
     * @param string $text the wish in words
     * @param list<array{row: list<float>, most: float}> $rows
     * @param bool $isGiven whether the cook gave it; what is not given is how blends are
     */
    private function __construct(public string $id, public string $text, public array $rows, public bool $isGiven)
    {
    }

    /** @param list<float> $row */
    public static function atMost(string $id, string $text, array $row, float $most): self
    {
        return new self($id, $text, [['row' => $row, 'most' => $most]], true);
    }

    /** @param list<float> $row */
    public static function atLeast(string $id, string $text, array $row, float $least): self
    {
        return new self($id, $text, [['row' => self::negated($row), 'most' => -$least]], true);
    }

    /** @param list<float> $row */
    public static function exactly(string $id, string $text, array $row, float $value): self
    {
        return new self($id, $text, [['row' => $row, 'most' => $value], ['row' => self::negated($row), 'most' => -$value]], true);
    }

    /** @param list<array{row: list<float>, most: float}> $rows given up together or not at all */
    public static function together(string $id, string $text, array $rows): self
    {
        return new self($id, $text, $rows, true);
    }

    public function asRule(): self
    {
        return new self($this->id, $this->text, $this->rows, false);
    }

    /**
     * @param list<float> $row
     * @return list<float>
     */
    private static function negated(array $row): array
    {
        return array_map(static fn (float $value): float => -$value, $row);
    }
}
