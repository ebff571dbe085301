<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** How surely a cause shows as a symptom. */
enum Makes: string
{
    case Likely = 'likely';
    case Possible = 'possible';
    case Seldom = 'seldom';

    /** A symptom that no cause is known for still has some other one, this often. */
    public const OTHERWISE = 0.03;

    /** Of a hundred batches with that cause, the share that shows it. Planning estimates. */
    public function chance(): float
    {
        return match ($this) {
            self::Likely => 0.7,
            self::Possible => 0.3,
            self::Seldom => 0.1,
        };
    }
}
