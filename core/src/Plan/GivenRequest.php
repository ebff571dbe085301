<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\MergePatch;
use StoneMill\Exchange\Node;
use StoneMill\Pantry\LotFacts;
use StoneMill\Style\Style;

/**
 * A plan request as it was given: the document that a formula keeps, a batch stands on and an answer gives back. What is
 * in it was not checked yet; `read` does that.
 */
final readonly class GivenRequest
{
    /** Parts of a formula whose lines are weighed from bags. */
    private const WEIGHED = ['lines', 'extras'];

    /** @param array<string, mixed> $document */
    private function __construct(private array $document)
    {
    }

    /** @param array<string, mixed> $document decoded */
    public static function of(array $document): self
    {
        return new self($document);
    }

    /** As it stands in another document; what is no object is refused there, and is then empty. */
    public static function at(Node $node): self
    {
        return new self($node->fields());
    }

    /** A shipped bread with nothing wished. */
    public static function ofStyle(string $style): self
    {
        return new self(['style' => $style]);
    }

    /** A shipped bread as it ships, with number and size of its pieces, its lines and schools spelled out. */
    public static function spelledOut(Style $style): self
    {
        return (new self([
            'style' => $style->id,
            'pieces' => ['count' => $style->pieceCount, 'grams_each' => $style->pieceGrams, 'thickness_mm' => $style->thicknessMillimetres],
        ]))->completedBy($style);
    }

    /** With the lines and schools of its style spelled out, so that it stays what it is when a style's defaults change. */
    public function completedBy(Style $style): self
    {
        $formula = $this->part('formula');
        $method = is_array($formula['method'] ?? null) ? $formula['method'] : [];

        return new self([...$this->document, 'formula' => [
            ...$formula,
            'lines' => $formula['lines'] ?? $style->formula,
            'method' => [...$style->method->choices(), ...$method],
        ]]);
    }

    public function with(RequestChange $change): self
    {
        return new self(MergePatch::applied($this->document, $change->patch(), leavesEmptied: false));
    }

    /** @param array<array-key, mixed> $gear by tool, in place of what stood there */
    public function withGear(array $gear): self
    {
        return new self([...$this->document, 'gear' => $gear]);
    }

    /** @param array<string, LotFacts> $lots by bag, in place of what stood there */
    public function withBags(array $lots): self
    {
        return new self([...$this->document, 'lots' => array_map(static fn (LotFacts $facts): array => $facts->toRequest(), $lots)]);
    }

    public function knowing(Experience $experience): self
    {
        return $experience->isEmpty() ? $this : new self([...$this->document, 'learned' => $experience->toRequest()]);
    }

    /** @return list<string> what its lines, and what goes beside the dough, are made of */
    public function ingredients(): array
    {
        $names = [];
        foreach (self::WEIGHED as $part) {
            foreach ((array) ($this->part('formula')[$part] ?? []) as $line) {
                if (is_array($line) && is_string($line['ingredient'] ?? null)) {
                    $names[] = $line['ingredient'];
                }
            }
        }

        return $names;
    }

    /** @param array<string, string> $bags by ingredient; a line of anything else stays as it is */
    public function weighedFrom(array $bags): self
    {
        $from = static fn (mixed $line): mixed => is_array($line) && is_string($line['ingredient'] ?? null) && isset($bags[$line['ingredient']])
            ? [...$line, 'lot' => $bags[$line['ingredient']]]
            : $line;
        $formula = $this->part('formula');
        foreach (self::WEIGHED as $part) {
            if (is_array($formula[$part] ?? null)) {
                $formula[$part] = array_map($from, $formula[$part]);
            }
        }

        return new self([...$this->document, 'formula' => $formula]);
    }

    /** @throws InvalidInput If anything in it breaks the contract; all of it is named at once. */
    public function read(Reference $reference): PlanRequest
    {
        return PlanRequest::read($this->document, $reference);
    }

    /** @return list<array<array-key, mixed>> water that the formula writes as lines */
    public function waterLines(): array
    {
        $lines = $this->part('formula')['lines'] ?? null;

        return array_values(array_filter(is_array($lines) ? $lines : [], static fn (mixed $line): bool => is_array($line) && ($line['ingredient'] ?? null) === 'water'));
    }

    /** Whether it says how much flour or dough there is. */
    public function isScaled(): bool
    {
        return isset($this->part('formula')['scale']);
    }

    public function isEmpty(): bool
    {
        return $this->document === [];
    }

    public function field(string $name): mixed
    {
        return $this->document[$name] ?? null;
    }

    /** @return array<array-key, mixed> what stands in a field, empty where nothing does */
    public function part(string $name): array
    {
        $part = $this->field($name);

        return is_array($part) ? $part : [];
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return $this->document;
    }
}
