<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Measure\Cup;
use StoneMill\Measure\SpoonSet;

/** What the writer of a text measured with, as far as anybody said: null leaves it open, and what hangs on it is doubted. */
final readonly class Measures
{
    public function __construct(public ?Cup $cup = null, public ?SpoonSet $spoon = null)
    {
    }
}
