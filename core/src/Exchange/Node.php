<?php

declare(strict_types=1);

namespace StoneMill\Exchange;

use BackedEnum;
use DateTimeImmutable;
use StoneMill\Measure\Rounding;

/**
 * One place in a decoded JSON document. Readers take typed values out of it; whatever does not fit is
 * added to the findings with its path, and a harmless stand-in is returned so that reading can go on.
 */
final readonly class Node
{
    private const UUID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/D';

    private const MOMENT = '/^20\d\d-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,6})?(Z|[+-]\d\d:\d\d)$/D';

    /** New lines and tabs are typed in notes; anything else of the kind is an accident, or meant to harm who reads it. */
    private const CONTROL = '/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]|\xc2[\x80-\x9f]/';

    private const NOT_IN_A_LINE = '/[\x00-\x1f\x7f]|\xc2[\x80-\x9f]|\xe2\x80[\xa8\xa9]/';

    private function __construct(private mixed $value, public string $path, private Findings $findings)
    {
    }

    public static function root(mixed $document, Findings $findings): self
    {
        return new self($document, '', $findings);
    }

    public function at(string $field): self
    {
        $value = is_array($this->value) ? ($this->value[$field] ?? null) : null;

        return new self($value, $this->path === '' ? $field : $this->path.'.'.$field, $this->findings);
    }

    public function isAbsent(): bool
    {
        return $this->value === null;
    }

    public function isList(): bool
    {
        return is_array($this->value) && array_is_list($this->value);
    }

    public function refuse(string $message, string $limit): void
    {
        $this->findings->add($this->path === '' ? '(document)' : $this->path, $message, $this->value, $limit);
    }

    /**
     * Checks that this is an object with no other fields than these.
     *
     * @param list<string> $fields
     */
    public function object(array $fields): self
    {
        if ($this->value !== null && (! is_array($this->value) || ($this->value !== [] && array_is_list($this->value)))) {
            $this->refuse('This must be an object.', 'an object with '.implode(', ', $fields));

            return new self(null, $this->path, $this->findings);
        }
        foreach (array_keys($this->value ?? []) as $name) {
            if (! in_array((string) $name, $fields, true)) {
                $this->at((string) $name)->refuse('This field is not known here.', 'one of '.implode(', ', $fields));
            }
        }

        return $this;
    }

    /** @return list<self> */
    public function items(int $least, int $most): array
    {
        if ($this->value === null && $least === 0) {
            return [];
        }
        $limit = sprintf('a list of %d to %d', $least, $most);
        if (! is_array($this->value) || ! array_is_list($this->value)) {
            $this->refuse('This must be a list.', $limit);

            return [];
        }
        if (count($this->value) < $least || count($this->value) > $most) {
            $this->refuse(sprintf('This list has %d entries.', count($this->value)), $limit);

            return [];
        }
        $items = [];
        foreach ($this->value as $index => $entry) {
            $items[] = new self($entry, sprintf('%s[%d]', $this->path, $index), $this->findings);
        }

        return $items;
    }

    /** @return array<string, self> the fields of an object whose names are free, such as identifiers */
    public function entries(int $most): array
    {
        if ($this->value === null || $this->value === []) {
            return [];
        }
        if (! is_array($this->value) || array_is_list($this->value) || count($this->value) > $most) {
            $this->refuse('This must be an object.', sprintf('an object with at most %d entries', $most));

            return [];
        }
        $entries = [];
        foreach (array_keys($this->value) as $name) {
            $entries[(string) $name] = $this->at((string) $name);
        }

        return $entries;
    }

    public function number(float $least, float $most, string $unit = ''): float
    {
        $limit = trim(sprintf('a number from %s to %s %s', self::plain($least), self::plain($most), $unit));
        if (! is_int($this->value) && ! is_float($this->value)) {
            $this->refuse($this->value === null ? 'This is missing.' : 'This must be a number.', $limit);

            return $least;
        }
        $number = (float) $this->value;
        if (! is_finite($number) || $number < $least || $number > $most) {
            $this->refuse($number < $least ? 'This is too small.' : ($number > $most ? 'This is too large.' : 'This is not a number.'), $limit);

            return $least;
        }

        return $number;
    }

    public function optionalNumber(float $least, float $most, string $unit = ''): ?float
    {
        return $this->value === null ? null : $this->number($least, $most, $unit);
    }

    /** A number that has to be there only where it applies. It is read in any case, so that none is passed over. */
    public function numberWhere(bool $applies, float $least, float $most, string $unit = ''): float
    {
        return $applies ? $this->number($least, $most, $unit) : $this->optionalNumber($least, $most, $unit) ?? 0.0;
    }

    public function integer(int $least, int $most): int
    {
        $limit = sprintf('a whole number from %d to %d', $least, $most);
        if (! is_int($this->value)) {
            $this->refuse($this->value === null ? 'This is missing.' : 'This must be a whole number.', $limit);

            return $least;
        }
        if ($this->value < $least || $this->value > $most) {
            $this->refuse($this->value < $least ? 'This is too small.' : 'This is too large.', $limit);

            return $least;
        }

        return $this->value;
    }

    public function optionalInteger(int $least, int $most): ?int
    {
        return $this->value === null ? null : $this->integer($least, $most);
    }

    public function boolean(): bool
    {
        if (! is_bool($this->value)) {
            $this->refuse('This must be true or false.', 'true or false');

            return false;
        }

        return $this->value;
    }

    public function optionalBoolean(): ?bool
    {
        return $this->value === null ? null : $this->boolean();
    }

    /** Text on one line, such as a name. */
    public function text(int $longest): string
    {
        return $this->written($longest, self::NOT_IN_A_LINE, 'with no new line, tab or other control character');
    }

    /** Text of any number of lines, such as a note. */
    public function optionalProse(int $longest): ?string
    {
        return $this->value === null ? null : $this->prose($longest);
    }

    /** Text of any number of lines that must be there. */
    public function prose(int $longest): string
    {
        return $this->written($longest, self::CONTROL, 'with no control character but a new line or a tab');
    }

    /** @param string $forbidden pattern of what may not stand in it */
    private function written(int $longest, string $forbidden, string $with): string
    {
        $limit = sprintf('text of 1 to %d characters', $longest);
        if (! is_string($this->value) || ! mb_check_encoding($this->value, 'UTF-8')) {
            $this->refuse($this->value === null ? 'This is missing.' : 'This must be text.', $limit);

            return '';
        }
        if (trim($this->value) === '' || mb_strlen($this->value) > $longest) {
            $this->refuse(trim($this->value) === '' ? 'This is empty.' : 'This text is too long.', $limit);

            return '';
        }
        if (preg_match($forbidden, $this->value) === 1) {
            $this->refuse('This text has a control character in it.', $limit.', '.$with);

            return '';
        }

        return $this->value;
    }

    /** An identifier that the client made. */
    public function uuid(): string
    {
        $text = $this->text(36);
        if ($text !== '' && preg_match(self::UUID, $text) !== 1) {
            $this->refuse('This is not an identifier.', 'a lower-case UUID');
        }

        return $text;
    }

    public function optionalUuid(): ?string
    {
        return $this->value === null ? null : $this->uuid();
    }

    /** @return array<string, mixed> the object as it stands, for a reader that comes later */
    public function fields(): array
    {
        if (! is_array($this->value) || ($this->value !== [] && array_is_list($this->value))) {
            $this->refuse($this->value === null ? 'This is missing.' : 'This must be an object.', 'an object');

            return [];
        }

        $fields = [];
        foreach ($this->value as $name => $value) {
            $fields[(string) $name] = $value;
        }

        return $fields;
    }

    public function optionalText(int $longest): ?string
    {
        return $this->value === null ? null : $this->text($longest);
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     * @return T
     */
    public function choice(string $enum): BackedEnum
    {
        return $this->knownChoice($enum) ?? $enum::cases()[0];
    }

    /**
     * The same, null where it was refused: what else is wrong often depends on it.
     *
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     * @return T|null
     */
    public function knownChoice(string $enum): ?BackedEnum
    {
        $case = is_string($this->value) ? $enum::tryFrom($this->value) : null;
        if ($case === null) {
            $this->refuse(
                $this->value === null ? 'This is missing.' : 'This is not one of the choices.',
                'one of '.implode(', ', array_map(static fn (BackedEnum $known): string => (string) $known->value, $enum::cases())),
            );
        }

        return $case;
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     * @return T|null
     */
    public function optionalChoice(string $enum): ?BackedEnum
    {
        return $this->value === null ? null : $this->choice($enum);
    }

    /**
     * A list of choices, which may be absent.
     *
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     * @return list<T>
     */
    public function choices(string $enum, int $most): array
    {
        return array_map(static fn (self $item): BackedEnum => $item->choice($enum), $this->items(0, $most));
    }

    /** A moment with its offset from UTC (RFC 3339), between the years 2000 and 2100. */
    public function moment(): DateTimeImmutable
    {
        $limit = 'a date and time with its offset, such as 2026-03-01T12:30:00+00:00, from 2000 to 2099';
        $given = is_string($this->value) ? $this->value : '';
        $moment = preg_match(self::MOMENT, $given) === 1 ? date_create_immutable($given) : false;
        if ($moment === false || ! self::onCalendar($given, $moment)) {
            $this->refuse('This is not a moment in time.', $limit);

            return new DateTimeImmutable('2000-01-01T00:00:00+00:00');
        }

        return $moment;
    }

    /** A day of the calendar as YYYY-MM-DD. */
    public function optionalDay(): ?string
    {
        if ($this->value === null) {
            return null;
        }
        $day = is_string($this->value) && preg_match('/^20\d\d-\d\d-\d\d$/D', $this->value) === 1 ? date_create_immutable($this->value) : false;
        if ($day === false || $day->format('Y-m-d') !== $this->value) {
            $this->refuse('This is not a day.', 'a day such as 2026-03-01, from 2000 to 2099');

            return null;
        }

        return $day->format('Y-m-d');
    }

    public function optionalMoment(): ?DateTimeImmutable
    {
        return $this->value === null ? null : $this->moment();
    }

    /** PHP rolls 31 February over into March; a cook never means that. */
    private static function onCalendar(string $given, DateTimeImmutable $moment): bool
    {
        return $moment->format('Y-m-d\TH:i:s') === substr($given, 0, 19);
    }

    private static function plain(float $number): string
    {
        return Rounding::written($number, 4);
    }
}
