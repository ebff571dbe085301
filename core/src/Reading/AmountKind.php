<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/** In what an amount is given, the surest first. */
enum AmountKind: int
{
    case Grams = 1;
    case Percent = 2;
    case Volume = 3;
    case Pieces = 4;
}
