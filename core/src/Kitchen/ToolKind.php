<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

/** What a kitchen has to bake and weigh with. */
enum ToolKind: string
{
    case Griddle = 'griddle';
    case Press = 'press';
    case Pan = 'pan';
    case Scale = 'scale';
}
