<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** What a found order is worth: how far from the least that is possible, what holds it up, and what would help. */
final readonly class LineReport
{
    /** A second cook or griddle is worth having from so much on. */
    private const WORTH_SECONDS = 300.0;

    private const MOST_PIECES = 200;

    /**
     * @param float $lengthSeconds from the first piece weighed to the last lift, lots together
     * @param float $boundSeconds no order is quicker
     * @param list<float> $idleSeconds of each pair of hands meanwhile
     * @param int $shapedAhead pieces that wait shaped, at most
     * @param int|null $secondCookFrom pieces from which another pair of hands saves five minutes; null where it never does
     */
    private function __construct(
        public float $lengthSeconds,
        public float $boundSeconds,
        public Bottleneck $bottleneck,
        public array $idleSeconds,
        public int $shapedAhead,
        public ?int $secondCookFrom,
        public ?int $secondGriddleFrom,
    ) {
    }

    /**
     * @param non-empty-list<Cooking> $lots
     * @param non-empty-list<int> $sizes pieces of each
     */
    public static function of(PieceWork $work, Crew $crew, array $lots, array $sizes): self
    {
        $length = array_sum(array_map(static fn (Cooking $lot): float => $lot->seconds, $lots));
        $bounds = array_map(static fn (int $pieces): Bound => Bound::of($work, $crew, $pieces), $sizes);
        $idle = array_map(
            static fn (int $pair): float => $length - array_sum(array_map(static fn (Cooking $lot): float => $lot->busy($pair), $lots)),
            range(1, $crew->hands),
        );

        return new self(
            $length,
            array_sum(array_map(static fn (Bound $bound): float => $bound->seconds, $bounds)),
            $bounds[0]->by,
            $idle,
            max(array_map(static fn (Cooking $lot): int => $lot->mostShapedAhead(), $lots)),
            $crew->hands < 4 ? self::paysFrom($work, $crew, new Crew($crew->hands + 1, $crew->places, $crew->hotAt)) : null,
            self::paysFrom($work, $crew, new Crew($crew->hands, 2 * $crew->places, $crew->hotAt)),
        );
    }

    /** By the bounds, which the found orders come close to: they grow by a like amount with every piece. */
    private static function paysFrom(PieceWork $work, Crew $now, Crew $more): ?int
    {
        $saves = static fn (int $pieces): bool => Bound::of($work, $now, $pieces)->seconds - Bound::of($work, $more, $pieces)->seconds >= self::WORTH_SECONDS;
        if (! $saves(self::MOST_PIECES)) {
            return null;
        }
        for ($pieces = 2; ! $saves($pieces); $pieces++) {
        }

        return $pieces;
    }
}
