<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Exchange\Node;

/** What may still change in a batch under way: once water is in the flour, the formula is what it is. */
final class Replan
{
    private const FIXED_BY_THE_POUR = ['style', 'formula'];

    /**
     * Says at the node what may no longer be changed.
     *
     * @param array<string, mixed> $before the request that the batch stands on
     * @param array<string, mixed> $after the request wished for
     */
    public static function check(BatchState $state, array $before, array $after, Node $node): void
    {
        if (! $state->hasBegun()) {
            return;
        }
        foreach (self::FIXED_BY_THE_POUR as $field) {
            if (self::mix($before[$field] ?? null) != self::mix($after[$field] ?? null)) {
                $node->at($field)->refuse('Water is in the flour: this batch keeps its formula.', 'as it was when water was poured');
            }
        }
    }

    /** The part of a formula that is in the bowl; how it is shaped and turned can still be chosen. */
    private static function mix(mixed $part): mixed
    {
        return is_array($part) ? $part['lines'] ?? null : $part;
    }
}
