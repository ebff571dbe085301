<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Exchange\Row;
use StoneMill\School\Doneness;

/** What a cook saw of a piece before its next touch, so many seconds after the touch before. */
final readonly class SignSeen
{
    public function __construct(public int $piece, public int $touch, public Doneness $sign, public float $seconds)
    {
    }

    /** @return array{n: int, touch: int, sign: string, seconds: float} */
    public function toRow(): array
    {
        return ['n' => $this->piece, 'touch' => $this->touch, 'sign' => $this->sign->value, 'seconds' => $this->seconds];
    }

    public static function ofRow(Row $row): self
    {
        return new self($row->whole('n'), $row->whole('touch'), $row->choice('sign', Doneness::class), $row->number('seconds'));
    }
}
