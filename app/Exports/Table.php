<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Kitchen;

/** One table of a kitchen as it is taken along. Its heads say units; its rows come one by one, however many there are. */
interface Table
{
    /** @return non-empty-list<string> */
    public function heads(): array;

    /** @return iterable<list<string|int|float|bool|null>> each as long as the heads */
    public function rows(Kitchen $kitchen): iterable;
}
