<?php

declare(strict_types=1);

namespace App\Kitchens;

/** What becomes of a thing that both a kitchen and a file have, and not alike. */
enum Differing: string
{
    case Keep = 'keep';
    case Take = 'take';
}
