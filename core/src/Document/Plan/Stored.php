<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use BackedEnum;
use StoneMill\Document\Exception\NotAPlan;

/**
 * A place in a plan document as it was stored. Earlier versions did not say everything that is said now: where nothing stands, what
 * is asked for with a stand-in gives that, and what is asked for without one is missed.
 */
final readonly class Stored
{
    private function __construct(private mixed $value, private string $path)
    {
    }

    /** @param array<string, mixed> $document */
    public static function document(array $document): self
    {
        return new self($document, '');
    }

    /** @param string $path names between points */
    public function at(string $path): self
    {
        $value = $this->value;
        foreach (explode('.', $path) as $name) {
            $value = is_array($value) ? $value[$name] ?? null : null;
        }

        return new self($value, ltrim("$this->path.$path", '.'));
    }

    public function isNothing(): bool
    {
        return $this->value === null;
    }

    public function float(?float $else = null): float
    {
        return is_int($this->value) || is_float($this->value) ? (float) $this->value : $else ?? throw NotAPlan::without($this->path, 'number');
    }

    public function int(?int $else = null): int
    {
        return is_int($this->value) ? $this->value : $else ?? throw NotAPlan::without($this->path, 'whole number');
    }

    public function text(?string $else = null): string
    {
        return is_string($this->value) ? $this->value : $else ?? throw NotAPlan::without($this->path, 'text');
    }

    /**
     * One of the names that an enum has.
     *
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     * @param T|null $else
     * @return T
     */
    public function choice(string $enum, ?BackedEnum $else = null): BackedEnum
    {
        return $this->isNothing() && $else !== null ? $else : $enum::tryFrom($this->text()) ?? throw NotAPlan::without($this->path, 'choice that is known');
    }

    public function optionalFloat(): ?float
    {
        return $this->isNothing() ? null : $this->float();
    }

    public function optionalText(): ?string
    {
        return $this->isNothing() ? null : $this->text();
    }

    /** @return list<self> none where nothing stands */
    public function all(): array
    {
        $all = [];
        foreach (is_array($this->value) ? array_values($this->value) : [] as $index => $value) {
            $all[] = new self($value, "$this->path.$index");
        }

        return $all;
    }

    /** @return list<string> */
    public function texts(): array
    {
        return array_map(static fn (self $one): string => $one->text(), $this->all());
    }

    /** @return array<string, float> the numbers among its fields, by name */
    public function numbers(): array
    {
        $numbers = [];
        foreach (is_array($this->value) ? $this->value : [] as $name => $value) {
            if (is_int($value) || is_float($value)) {
                $numbers[(string) $name] = (float) $value;
            }
        }

        return $numbers;
    }
}
