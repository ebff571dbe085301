<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** Whether a bake also finds how long each touch would still be good, which takes about as long again as the bake. */
enum Windows
{
    case Looked;
    case Least;
}
