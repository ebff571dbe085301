<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\School\Doneness;

/**
 * What a cook saw of a piece before its next touch, so many seconds after the touch before.
 *
 * @phpstan-type SignRow array{n: int, touch: int, sign: string, seconds: float}
 */
final readonly class SignSeen
{
    public function __construct(public int $piece, public int $touch, public Doneness $sign, public float $seconds)
    {
    }

    /** @return SignRow */
    public function toRow(): array
    {
        return ['n' => $this->piece, 'touch' => $this->touch, 'sign' => $this->sign->value, 'seconds' => $this->seconds];
    }

    /** @param SignRow $row */
    public static function fromRow(array $row): self
    {
        return new self($row['n'], $row['touch'], Doneness::from($row['sign']), $row['seconds']);
    }
}
