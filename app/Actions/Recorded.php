<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use StoneMill\Record\BatchState;

/** A batch after entries were taken down, and what its asker knows of it, where that is known. */
final readonly class Recorded
{
    /**
     * @param BatchState|null $before what the asker has; null where it is not what the log had, so that all is to be told
     * @param int|null $since entries that the asker's is of
     */
    public function __construct(public Batch $batch, public ?BatchState $before, public ?int $since)
    {
    }
}
