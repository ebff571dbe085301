<?php

declare(strict_types=1);

namespace StoneMill\Exchange\Exception;

use InvalidArgumentException;
use StoneMill\Exchange\FieldError;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\StoneMillException;

/** An outside input that breaks its contract; carries every place where it does. */
final class InvalidInput extends InvalidArgumentException implements StoneMillException
{
    /** @param non-empty-list<FieldError> $errors */
    private function __construct(string $message, public readonly array $errors)
    {
        parent::__construct($message);
    }

    /** @param non-empty-list<FieldError> $errors */
    public static function because(array $errors): self
    {
        $first = $errors[0];
        $more = count($errors) > 1 ? sprintf(' (and %d more)', count($errors) - 1) : '';

        return new self(sprintf('%s: %s%s', $first->path, $first->message, $more), $errors);
    }

    public static function at(string $path, string $message, mixed $value, string $limit): self
    {
        return self::because([FieldError::at($path, $message, $value, $limit)]);
    }

    /** What a rule refused that was worked out from the input, as a refusal of the field that it came from. */
    public static function byRule(StoneMillException $refusal, string $path): self
    {
        return match (true) {
            $refusal instanceof self => $refusal,
            $refusal instanceof OutOfRange => self::at($path, $refusal->getMessage(), $refusal->value, sprintf('from %s to %s', $refusal->least, $refusal->most)),
            default => self::at($path, $refusal->getMessage(), null, 'as the message says'),
        };
    }

    /**
     * Does the work; what a rule refuses in it is a refusal of that field.
     *
     * @template T
     *
     * @param callable(): T $work
     * @return T
     */
    public static function unless(callable $work, string $path): mixed
    {
        try {
            return $work();
        } catch (StoneMillException $refusal) {
            throw self::byRule($refusal, $path);
        }
    }

    /**
     * The refusal as a problem document (RFC 9457), the same on the command line and over HTTP.
     *
     * @return array{type: string, title: string, status: int, detail: string, errors: list<array{path: string, message: string, value: string|int|float|bool|null, limit: string}>}
     */
    public function toProblem(): array
    {
        return [
            'type' => 'urn:stone-mill:problem:invalid-input',
            'title' => 'The input cannot be used as it stands.',
            'status' => 422,
            'detail' => $this->getMessage(),
            'errors' => array_map(static fn (FieldError $error): array => $error->toArray(), $this->errors),
        ];
    }
}
