<?php

declare(strict_types=1);

namespace StoneMill\Exchange;

/** One thing wrong with an input: where it stands, what is wrong, what was given and what would be right. */
final readonly class FieldError
{
    private const LONGEST_ECHO = 120;

    private function __construct(
        public string $path,
        public string $message,
        public string|int|float|bool|null $value,
        public string $limit,
    ) {
    }

    /** Values that JSON cannot carry, or that are too long to repeat, are described in words. */
    public static function at(string $path, string $message, mixed $value, string $limit): self
    {
        return new self(self::printable($path), $message, self::echoed($value), $limit);
    }

    private static function echoed(mixed $value): string|int|float|bool|null
    {
        return match (true) {
            is_float($value) => is_finite($value) ? $value : (is_nan($value) ? 'NaN' : ($value > 0 ? 'infinity' : '-infinity')),
            is_string($value) => self::printable($value),
            is_int($value), is_bool($value), $value === null => $value,
            is_array($value) => $value !== [] && array_is_list($value) ? 'a list of '.count($value) : 'an object or empty list',
            default => get_debug_type($value),
        };
    }

    /** Short enough to be read, and without what would harm a terminal or a page that shows it. */
    private static function printable(string $text): string
    {
        return mb_strimwidth((string) preg_replace('/[\x00-\x1f\x7f]/', '�', mb_scrub($text, 'UTF-8')), 0, self::LONGEST_ECHO, '…', 'UTF-8');
    }

    public function inWords(): string
    {
        $given = $this->value === null ? '' : sprintf(' Given: %s.', is_string($this->value) ? $this->value : json_encode($this->value));

        return sprintf('%s: %s%s Wanted: %s.', $this->path, $this->message, $given, $this->limit);
    }

    /** @return array{path: string, message: string, value: string|int|float|bool|null, limit: string} */
    public function toArray(): array
    {
        return ['path' => $this->path, 'message' => $this->message, 'value' => $this->value, 'limit' => $this->limit];
    }
}
