<?php

declare(strict_types=1);

namespace StoneMill\Exchange;

/** JSON merge patch, RFC 7396: null takes a field away, an object is merged, anything else replaces. */
final class MergePatch
{
    /**
     * @param array<string, mixed> $document
     * @param array<string, mixed> $patch
     * @return array<string, mixed>
     */
    public static function applied(array $document, array $patch): array
    {
        foreach ($patch as $field => $value) {
            if ($value === null) {
                unset($document[$field]);
            } elseif (self::isObject($value)) {
                $before = $document[$field] ?? [];
                $document[$field] = self::applied(self::isObject($before) ? $before : [], $value);
            } else {
                $document[$field] = $value;
            }
        }

        return $document;
    }

    /** @phpstan-assert-if-true array<string, mixed> $value */
    private static function isObject(mixed $value): bool
    {
        return is_array($value) && ($value === [] || ! array_is_list($value));
    }
}
