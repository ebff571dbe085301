<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Compare\Comparison;
use StoneMill\Compare\Difference;

/** What differs between two plans, a row each. */
final class ComparisonDocument
{
    /** @return list<array{subject: string, kind: string, text: string, before: float|null, after: float|null, unit: string|null}> */
    public static function json(Comparison $comparison): array
    {
        $rounded = static fn (?float $value): ?float => $value === null ? null : round($value, 4);

        return array_map(static fn (Difference $one): array => [
            'subject' => $one->subject, 'kind' => $one->kind->value, 'text' => $one->text,
            'before' => $rounded($one->before), 'after' => $rounded($one->after), 'unit' => $one->unit?->value,
        ], $comparison->differences());
    }
}
