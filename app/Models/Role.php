<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody may do in a kitchen. All cook; an owner also says who does. */
enum Role: string
{
    case Owner = 'owner';
    case Cook = 'cook';
}
