<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody may do in a kitchen: an owner says who cooks, a cook does everything else, a guest looks on and changes nothing. */
enum KitchenRole: string
{
    case Owner = 'owner';
    case Cook = 'cook';
    case Guest = 'guest';
}
