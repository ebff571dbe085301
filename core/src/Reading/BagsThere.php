<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Exchange\Node;
use StoneMill\Kitchen\Bag;
use StoneMill\Plan\Limits;

/** The bags that a larder has, so that a sheet which is read again makes none of them a second time. */
final class BagsThere
{
    public const MOST = 5000;

    /** @param array<string, int> $left how many of each are no row's yet */
    private function __construct(private array $left)
    {
    }

    public static function read(Node $node): self
    {
        $left = [];
        foreach ($node->items(0, self::MOST) as $lot) {
            $lot->object(['label', 'bought_on', 'grams']);
            $bag = self::marks($lot->at('label')->text(Bag::LONGEST_LABEL), $lot->at('bought_on')->optionalDay(), $lot->at('grams')->optionalNumber(0, Limits::MOST_BAG_GRAMS, 'g'));
            $left[$bag] = ($left[$bag] ?? 0) + 1;
        }

        return new self($left);
    }

    /** Whether a row is one of them: called the same, bought on the same day, as heavy to the gram. Of two rows alike each wants a bag of its own. */
    public function has(string $label, ?string $boughtOn, ?float $grams): bool
    {
        $bag = self::marks($label, $boughtOn, $grams);
        if (($this->left[$bag] ?? 0) === 0) {
            return false;
        }
        $this->left[$bag]--;

        return true;
    }

    private static function marks(string $label, ?string $boughtOn, ?float $grams): string
    {
        return implode("\n", [mb_strtolower(trim($label)), $boughtOn ?? '', $grams === null ? '' : (string) round($grams)]);
    }
}
