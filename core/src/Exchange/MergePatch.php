<?php

declare(strict_types=1);

namespace StoneMill\Exchange;

/** JSON merge patch, RFC 7396: null takes a field away, an object is merged, anything else replaces. */
final class MergePatch
{
    /**
     * @param array<string, mixed> $document
     * @param array<string, mixed> $patch
     * @param bool $leavesEmptied as the RFC has it; otherwise an object that the patch empties goes too, since PHP would write it down as a list
     * @return array<string, mixed>
     */
    public static function applied(array $document, array $patch, bool $leavesEmptied = true): array
    {
        foreach ($patch as $field => $value) {
            if ($value === null) {
                unset($document[$field]);
            } elseif (self::isObject($value)) {
                $before = $document[$field] ?? [];
                $document[$field] = self::applied(self::isObject($before) ? $before : [], $value, $leavesEmptied);
                if ($document[$field] === [] && ! $leavesEmptied) {
                    unset($document[$field]);
                }
            } else {
                $document[$field] = $value;
            }
        }

        return $document;
    }

    /**
     * One patch that does what two do, one after the other. Where the first takes a whole object away and the second writes into it,
     * no patch can say both, and what stood in it before stays.
     *
     * @param array<string, mixed> $first
     * @param array<string, mixed> $second
     * @return array<string, mixed>
     */
    public static function joined(array $first, array $second): array
    {
        foreach ($second as $field => $value) {
            $before = $first[$field] ?? null;
            $first[$field] = self::isObject($value) && self::isObject($before) ? self::joined($before, $value) : $value;
        }

        return $first;
    }

    /** @phpstan-assert-if-true array<string, mixed> $value */
    private static function isObject(mixed $value): bool
    {
        return is_array($value) && ($value === [] || ! array_is_list($value));
    }
}
