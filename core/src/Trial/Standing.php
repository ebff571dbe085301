<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** What can be said of a trial so far. */
enum Standing: string
{
    /** Nineteen times in twenty such data come from a true difference. */
    case Decided = 'decided';
    /** Four times in five. */
    case Leaning = 'leaning';
    /** Whatever the difference is, it is smaller than matters. */
    case Same = 'same';
    case Open = 'open';
}
