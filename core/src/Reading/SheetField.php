<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/** What a column of a cook's own sheet may say. */
interface SheetField extends \BackedEnum
{
    public function inWords(): string;

    /** @return list<string> heads that mean it, in small letters without signs and what stands in brackets; the first is the house's own */
    public function heads(): array;
}
