<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Exchange\Node;
use StoneMill\Plan\GivenRequest;

/** What may still change in a batch under way: once water is in the flour, the formula is what it is. */
final class Replan
{
    /** What is in the bowl, or has decided how much of it; how it is shaped, turned and served can still be chosen. */
    private const FIXED_BY_THE_POUR = [
        'style' => [[]],
        'formula' => [['lines'], ['scale'], ['texture']],
        'own_ingredients' => [[]],
        'water' => [[]],
        'pieces' => [['count'], ['grams_each'], ['like'], ['diameter_mm']],
    ];

    /**
     * Says at the node what may no longer be changed.
     *
     * @param GivenRequest $before that the batch stands on
     * @param GivenRequest $after that is wished for
     */
    public static function check(BatchState $state, GivenRequest $before, GivenRequest $after, Node $node): void
    {
        if (! $state->hasBegun()) {
            return;
        }
        foreach (self::FIXED_BY_THE_POUR as $field => $parts) {
            foreach ($parts as $part) {
                if (self::part($before->field($field), $part) != self::part($after->field($field), $part)) {
                    $node->at($field)->refuse(
                        $field === 'pieces' ? 'Water is in the flour: number and size are settled when the dough is portioned.' : 'Water is in the flour: this batch keeps its formula.',
                        'as it was when water was poured',
                    );
                    break;
                }
            }
        }
    }

    /** @param list<string> $path */
    private static function part(mixed $value, array $path): mixed
    {
        foreach ($path as $step) {
            $value = is_array($value) ? $value[$step] ?? null : null;
        }

        return match (true) {
            $value === [] => null,
            $path === ['lines'] && is_array($value) => array_map(self::withoutBag(...), $value),
            default => $value,
        };
    }

    /** From which bag it came can be put right at any time: it decides what is learned, and of which bag. */
    private static function withoutBag(mixed $line): mixed
    {
        return is_array($line) ? array_diff_key($line, ['lot' => true]) : $line;
    }
}
