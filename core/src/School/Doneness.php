<?php

declare(strict_types=1);

namespace StoneMill\School;

/** What a cook sees of the lower face when a touch is due. */
enum Doneness: string
{
    case NotYet = 'not_yet';
    case Now = 'now';
    case TooDark = 'too_dark';
}
