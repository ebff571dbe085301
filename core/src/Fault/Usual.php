<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** How often a cause is met at all, before anything is known of the batch. */
enum Usual: string
{
    case Often = 'often';
    case Sometimes = 'sometimes';
    case Seldom = 'seldom';

    /** Beside one another. Planning estimates. */
    public function odds(): float
    {
        return match ($this) {
            self::Often => 3.0,
            self::Sometimes => 1.0,
            self::Seldom => 0.35,
        };
    }
}
