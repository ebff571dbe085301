<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** What a trial is judged by: a number or steps of a scale, of which more is better, or less. */
final readonly class Gauge
{
    /**
     * @param bool $isOrdered whether only the order of its values counts, and not how far they lie apart
     * @param float|null $matters the least difference that a cook would act on; null for as much as single results scatter
     */
    public function __construct(public string $name, public bool $isOrdered, public bool $moreIsBetter, public ?float $matters)
    {
    }
}
