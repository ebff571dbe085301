<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** One dough that is made in two ways: the first half of its pieces so, the others otherwise. */
final class Halves
{
    /** @return array{int, int} pieces of the first half, which has the odd one, and of the second */
    public static function pieces(int $count): array
    {
        return [intdiv($count + 1, 2), intdiv($count, 2)];
    }
}
