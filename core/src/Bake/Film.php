<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** What is between the bread and the metal. */
enum Film: string
{
    case None = 'none';
    case Oil = 'oil';
}
