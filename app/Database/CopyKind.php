<?php

declare(strict_types=1);

namespace App\Database;

/** How a copy came about. */
enum CopyKind: string
{
    /** Made of a kitchen in use, each night or when somebody asked. */
    case Dated = 'dated';
    /** What was there before another one took its place. */
    case SetAside = 'set_aside';
}
