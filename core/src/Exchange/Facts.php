<?php

declare(strict_types=1);

namespace StoneMill\Exchange;

/** The reference facts in core/data. They are part of the code: here is the one place where the core touches a file. */
final class Facts
{
    /** @param string $name of its file, without the ending */
    public static function of(string $name): Row
    {
        return Row::of(self::decoded($name), $name);
    }

    public static function decoded(string $name): mixed
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 2)."/data/$name.json"), true, 32, JSON_THROW_ON_ERROR);
    }
}
