<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/** What a part of a text was taken for. */
enum LineKind: string
{
    /** Weighed into the bowl. */
    case Dough = 'dough';
    /** The cook's own water, which stands beside the plan's. */
    case Water = 'water';
    /** Goes under, around, into or onto the pieces. */
    case Extra = 'extra';
    /** Says what the lines below it are for. */
    case Heading = 'heading';
    /** How many pieces it makes. */
    case Yield = 'yield';
    /** Words for the cook, kept as they are. */
    case Note = 'note';
    /** Cannot be used before the cook has said more. */
    case Asked = 'asked';
}
