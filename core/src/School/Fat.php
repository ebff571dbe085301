<?php

declare(strict_types=1);

namespace StoneMill\School;

/** Fat in the dough: softer, shorter, less puff. */
enum Fat: string
{
    case None = 'none';
    case Oil = 'oil';
    case Lard = 'lard';
    case Ghee = 'ghee';
    case Butter = 'butter';
}
