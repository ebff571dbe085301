<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** What the points of a trial say. */
final readonly class Found
{
    /**
     * @param list<LevelFound> $levels
     * @param int|null $best level by its place; null before one came out
     * @param LevelsApart|null $difference of the best and the second; null before both came out
     * @param Slope|null $slope null where the levels lie on no scale, or too few were tried
     * @param int $more of each level until it would tell
     * @param float|null $next level worth a try
     */
    public function __construct(
        public Standing $standing,
        public string $words,
        public array $levels,
        public ?int $best,
        public ?int $second,
        public ?LevelsApart $difference,
        public ?Slope $slope,
        public int $more,
        public ?float $next,
    ) {
    }
}
