<?php

declare(strict_types=1);

namespace StoneMill\School;

/** One stay after the griddle: under the broiler, in the oven, or in the oven once more with what was put on. */
enum OvenStep: string
{
    case Broiler = 'broiler';
    case Oven = 'oven';
    case Topped = 'topped';
}
