<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** How much of a fault there was. */
enum Extent: string
{
    case None = 'none';
    case Some = 'some';
    case Much = 'much';
}
