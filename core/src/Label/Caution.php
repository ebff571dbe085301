<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\School\Stage;

/** A short, calm warning that stands beside the action it belongs to. */
final readonly class Caution
{
    public function __construct(public string $id, public Stage $stage, public Hazard $when, public string $text)
    {
    }
}
