<?php

declare(strict_types=1);

namespace StoneMill\Exchange;

use BackedEnum;
use JsonException;
use StoneMill\Exchange\Exception\BrokenRow;

/**
 * Something that the house wrote itself: a row of core/data, of the database, or of a text that is kept beside one. Its values are taken out
 * typed; one that is not as the house writes it is told with its path and is never taken for another. What comes from outside is read by
 * a Node, which tells every fault at once. A field may be named by a path, names between points.
 */
final readonly class Row
{
    /** @param array<array-key, mixed> $fields */
    private function __construct(private array $fields, private string $path)
    {
    }

    /**
     * @param mixed $value an array, or an object as a database gives it
     *
     * @throws BrokenRow If it is neither.
     */
    public static function of(mixed $value, string $path = ''): self
    {
        return match (true) {
            is_array($value) => new self($value, $path),
            $value instanceof \stdClass => new self(get_object_vars($value), $path),
            default => throw BrokenRow::at($path, $value, 'an object or a list'),
        };
    }

    /** @throws BrokenRow If it is no JSON, or neither an object nor a list. */
    public static function ofJson(string $text, string $path = ''): self
    {
        try {
            return self::of(json_decode($text, true, 64, JSON_THROW_ON_ERROR), $path);
        } catch (JsonException) {
            throw BrokenRow::at($path, $text, 'JSON');
        }
    }

    /**
     * @param list<self> $rows
     * @return array<string, self> by what each says in a field
     */
    public static function by(string $field, array $rows): array
    {
        return array_combine(array_map(static fn (self $row): string => $row->text($field), $rows), $rows);
    }

    public function has(string $field): bool
    {
        return $this->value($field) !== null;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->fields));
    }

    public function text(string $field): string
    {
        return $this->optionalText($field) ?? throw $this->broken($field, 'text');
    }

    public function optionalText(string $field): ?string
    {
        $value = $this->value($field);

        return $value === null || is_string($value) ? $value : throw $this->broken($field, 'text');
    }

    public function number(string $field): float
    {
        return $this->optionalNumber($field) ?? throw $this->broken($field, 'a number');
    }

    public function optionalNumber(string $field): ?float
    {
        $value = $this->value($field);

        return match (true) {
            $value === null, is_float($value) => $value,
            is_int($value) => (float) $value,
            default => throw $this->broken($field, 'a number'),
        };
    }

    public function whole(string $field): int
    {
        return $this->optionalWhole($field) ?? throw $this->broken($field, 'a whole number');
    }

    public function optionalWhole(string $field): ?int
    {
        $value = $this->value($field);

        return $value === null || is_int($value) ? $value : throw $this->broken($field, 'a whole number');
    }

    public function isTrue(string $field): bool
    {
        return $this->optionalTruth($field) ?? throw $this->broken($field, 'true or false');
    }

    /** A database says it as 0 or 1. */
    public function optionalTruth(string $field): ?bool
    {
        $value = $this->value($field);

        return match ($value) {
            null, true, false => $value,
            0, 1 => $value === 1,
            default => throw $this->broken($field, 'true or false'),
        };
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $among
     * @return T
     */
    public function choice(string $field, string $among): BackedEnum
    {
        return $this->optionalChoice($field, $among) ?? throw $this->broken($field, 'one of '.$among);
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $among
     * @return T|null
     */
    public function optionalChoice(string $field, string $among): ?BackedEnum
    {
        $value = $this->optionalText($field);

        return $value === null ? null : $among::tryFrom($value) ?? throw $this->broken($field, 'one of '.$among);
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $among
     * @return list<T>
     */
    public function choices(string $field, string $among): array
    {
        return array_values($this->row($field)->allChoices($among));
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $among
     * @return non-empty-list<T>
     */
    public function someChoices(string $field, string $among): array
    {
        return $this->choices($field, $among) ?: throw $this->broken($field, 'a list that is not empty');
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $among
     * @return array<string, T> each of its choices, by name
     */
    public function allChoices(string $among): array
    {
        return $this->each(fn (string $name): BackedEnum => $this->choice($name, $among));
    }

    public function row(string $field): self
    {
        return self::of($this->value($field), $this->under($field));
    }

    public function optionalRow(string $field): ?self
    {
        return $this->has($field) ? $this->row($field) : null;
    }

    /** Empty where nothing stands. */
    public function part(string $field): self
    {
        return $this->optionalRow($field) ?? new self([], $this->under($field));
    }

    /** @return list<self> */
    public function rows(string $field): array
    {
        return array_values($this->row($field)->all());
    }

    /** @return list<self> none where nothing stands */
    public function optionalRows(string $field): array
    {
        return $this->has($field) ? $this->rows($field) : [];
    }

    /** @return array<string, self> each of its rows, by name */
    public function all(): array
    {
        return $this->each($this->row(...));
    }

    /** @return list<string> */
    public function texts(string $field): array
    {
        return array_values($this->row($field)->allTexts());
    }

    /** @return array<string, string> each of its texts, by name */
    public function allTexts(): array
    {
        return $this->each($this->text(...));
    }

    /** @return list<float> */
    public function numbers(string $field): array
    {
        return array_values($this->row($field)->allNumbers());
    }

    /** @return array<string, float> each of its numbers, by name */
    public function allNumbers(): array
    {
        return $this->each($this->number(...));
    }

    /** @return array<string, float> the numbers among its fields, by name */
    public function numbersAmong(): array
    {
        return array_map(floatval(...), array_filter($this->each(fn (string $name): mixed => $this->fields[$name]), static fn (mixed $value): bool => is_int($value) || is_float($value)));
    }

    /** @return list<int> */
    public function wholes(string $field): array
    {
        return array_values($this->row($field)->allWholes());
    }

    /** @return array<string, int> each of its whole numbers, by name */
    public function allWholes(): array
    {
        return $this->each($this->whole(...));
    }

    /** @return array{float, float} lowest and highest */
    public function range(string $field): array
    {
        $range = $this->row($field);

        return [$range->number('0'), $range->number('1')];
    }

    /** @return array{float, float, float} three numbers, such as low, likely and high */
    public function three(string $field): array
    {
        $three = $this->row($field);

        return [$three->number('0'), $three->number('1'), $three->number('2')];
    }

    /**
     * @template T
     *
     * @param callable(string): T $take
     * @return array<string, T>
     */
    private function each(callable $take): array
    {
        $each = [];
        foreach ($this->names() as $name) {
            $each[$name] = $take($name);
        }

        return $each;
    }

    private function value(string $path): mixed
    {
        $value = $this->fields[$path] ?? null;
        if ($value !== null || ! str_contains($path, '.')) {
            return $value;
        }
        $value = $this->fields;
        foreach (explode('.', $path) as $name) {
            $value = is_array($value) ? $value[$name] ?? null : null;
        }

        return $value;
    }

    private function under(string $field): string
    {
        return $this->path === '' ? $field : $this->path.'.'.$field;
    }

    private function broken(string $field, string $wanted): BrokenRow
    {
        return BrokenRow::at($this->under($field), $this->value($field), $wanted);
    }
}
