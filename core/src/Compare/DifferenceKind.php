<?php

declare(strict_types=1);

namespace StoneMill\Compare;

/** In what two plans differ: in what was chosen (lines, schools), or in what comes of it. */
enum DifferenceKind: string
{
    case Line = 'line';
    case School = 'school';
    case Outcome = 'outcome';
    case Label = 'label';
}
