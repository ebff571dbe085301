<?php

declare(strict_types=1);

namespace StoneMill\School;

/** Where a pan gets its heat before the bread is in it, for what is finished under the broiler. */
enum PanStart: string
{
    /** On the hob, where the bread sets first. */
    case Hob = 'hob';

    /** In the oven: batter goes into the hot pan and straight under the broiler. */
    case Heated = 'heated';

    /** Nowhere: the pan warms with the bread in it. */
    case Cold = 'cold';
}
