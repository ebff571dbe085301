<?php

declare(strict_types=1);

namespace StoneMill\Tests;

use ArrayAccess;
use Countable;
use IteratorAggregate;
use JsonSerializable;
use LogicException;
use PHPUnit\Framework\Assert;
use Stringable;
use Traversable;

/**
 * What a JSON document says, as a test reads it: each step into it is checked, and what is not there or is not what the test takes it
 * for fails with its path.
 *
 * @implements ArrayAccess<int|string, self>
 * @implements IteratorAggregate<int|string, self>
 */
final readonly class Said implements ArrayAccess, Countable, IteratorAggregate, JsonSerializable, Stringable
{
    public function __construct(public mixed $value, private string $path = '$')
    {
    }

    public static function json(string $text): self
    {
        return new self(json_decode($text, true, 64, JSON_THROW_ON_ERROR));
    }

    /** @param string $path its steps with dots between them */
    public static function at(mixed $document, string $path): self
    {
        return array_reduce(explode('.', $path), static fn (self $said, string $step): self => $said[ctype_digit($step) ? (int) $step : $step], $document instanceof self ? $document : new self($document));
    }

    public function number(): float
    {
        Assert::assertIsNumeric($this->value, "$this->path is no number");

        return (float) $this->value;
    }

    public function whole(): int
    {
        Assert::assertIsInt($this->value, "$this->path is no whole number");

        return $this->value;
    }

    public function text(): string
    {
        Assert::assertIsString($this->value, "$this->path is no text");

        return $this->value;
    }

    public function __toString(): string
    {
        return $this->text();
    }

    public function jsonSerialize(): mixed
    {
        return $this->value;
    }

    /** @return array<int|string, mixed> */
    public function all(): array
    {
        Assert::assertIsArray($this->value, "$this->path is no list and no object");

        return $this->value;
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        $fields = [];
        foreach ($this->all() as $key => $value) {
            Assert::assertIsString($key, "$this->path is no object");
            $fields[$key] = $value;
        }

        return $fields;
    }

    /** @return list<self> */
    public function listed(): array
    {
        return array_values(iterator_to_array($this));
    }

    /** @return list<array<string, mixed>> what is listed, each with its fields */
    public function rows(): array
    {
        return array_map(static fn (self $one): array => $one->fields(), $this->listed());
    }

    /**
     * The first that is listed of which this holds.
     *
     * @param callable(self): bool $holds
     */
    public function first(callable $holds): self
    {
        foreach ($this as $one) {
            if ($holds($one)) {
                return $one;
            }
        }
        Assert::fail("Nothing in $this->path is such.");
    }

    /** @return list<mixed> of one field of each that is listed */
    public function each(string $field): array
    {
        return array_map(static fn (self $one): mixed => $one[$field]->value, $this->listed());
    }

    /** @return list<string> of one field of each that is listed */
    public function texts(string $field): array
    {
        return array_map(static fn (self $one): string => $one[$field]->text(), $this->listed());
    }

    /** @return list<float> of one field of each that is listed */
    public function numbers(string $field): array
    {
        return array_map(static fn (self $one): float => $one[$field]->number(), $this->listed());
    }

    /** The one that is listed with this value in that field. */
    public function one(string $field, mixed $value): self
    {
        return $this->first(static fn (self $one): bool => $one[$field]->value === $value);
    }

    public function offsetExists(mixed $offset): bool
    {
        return isset($this->all()[$offset]);
    }

    public function offsetGet(mixed $offset): self
    {
        $all = $this->all();
        Assert::assertArrayHasKey($offset, $all, "$this->path says no $offset");

        return new self($all[$offset], "$this->path.$offset");
    }

    public function offsetSet(mixed $offset, mixed $value): never
    {
        throw new LogicException('What was said is not changed.');
    }

    public function offsetUnset(mixed $offset): never
    {
        throw new LogicException('What was said is not changed.');
    }

    public function count(): int
    {
        return count($this->all());
    }

    public function getIterator(): Traversable
    {
        foreach ($this->all() as $key => $value) {
            yield $key => new self($value, "$this->path.$key");
        }
    }
}
