<?php

declare(strict_types=1);

namespace StoneMill\Shape;

enum PlateShape: string
{
    case Round = 'round';
    case Rectangle = 'rectangle';
}
