<?php

declare(strict_types=1);

namespace StoneMill\Exchange;

use StoneMill\Exchange\Exception\InvalidInput;

/** Collects what is wrong while an input is read, so that all of it can be said at once. */
final class Findings
{
    /** @var list<FieldError> */
    private array $errors = [];

    public function add(string $path, string $message, mixed $value, string $limit): void
    {
        $this->errors[] = FieldError::at($path, $message, $value, $limit);
    }

    public function areEmpty(): bool
    {
        return $this->errors === [];
    }

    /**
     * What was read, once nothing is wrong with it: a reader builds it or finds what stands in its way.
     *
     * @template Read of object
     *
     * @param Read|null $read
     * @return Read
     *
     * @throws InvalidInput If anything was found.
     */
    public function sound(?object $read): object
    {
        $this->refuseIfAny();

        return $read ?? throw new \LogicException('Nothing was read, and nothing was found against it.');
    }

    /** @throws InvalidInput If anything was found. */
    public function refuseIfAny(): void
    {
        if ($this->errors !== []) {
            throw InvalidInput::because($this->errors);
        }
    }
}
