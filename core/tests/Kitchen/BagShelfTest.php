<?php

declare(strict_types=1);

namespace StoneMill\Tests\Kitchen;

use PHPUnit\Framework\TestCase;
use StoneMill\Kitchen\Bag;
use StoneMill\Kitchen\BagShelf;
use StoneMill\Pantry\LotFacts;
use StoneMill\Tests\Seeded;

final class BagShelfTest extends TestCase
{
    public function test_a_batch_is_weighed_from_the_bag_opened_last(): void
    {
        $shelf = new BagShelf([
            self::bag('old', '2026-01-01'),
            self::bag('new', '2026-02-01'),
            self::bag('gone', '2026-03-01', emptiedOn: '2026-03-02'),
            self::bag('sealed', null),
            self::bag('other', '2026-05-01', ingredient: 'cassava'),
        ]);
        self::assertSame(['teff' => 'new', 'cassava' => 'other'], $shelf->takenIds());
        self::assertNull($shelf->taken('oat'));
    }

    public function test_of_two_opened_the_same_day_the_one_that_came_in_last_is_taken_in_whatever_order_they_are_told(): void
    {
        $seeded = new Seeded(7);
        $bags = [self::bag('first', '2026-01-01', cameIn: 3), self::bag('second', '2026-01-01', cameIn: 9), self::bag('third', '2026-01-01', cameIn: 5)];
        for ($try = 0; $try < 20; $try++) {
            usort($bags, static fn (): int => $seeded->int(0, 1) * 2 - 1);
            self::assertSame('second', (new BagShelf($bags))->taken('teff')?->id);
        }
    }

    public function test_the_price_is_that_of_the_newest_bag_that_has_one(): void
    {
        $shelf = new BagShelf([self::bag('a', '2026-01-01', price: 4.0), self::bag('b', '2026-02-01', price: 5.0), self::bag('c', '2026-03-01')]);
        self::assertSame(['teff' => 5.0], $shelf->prices());
        self::assertSame('c', $shelf->taken('teff')?->id);
    }

    private static function bag(string $id, ?string $openedOn, ?string $emptiedOn = null, int $cameIn = 1, ?float $price = null, string $ingredient = 'teff'): Bag
    {
        return new Bag($id, $ingredient, $openedOn, $emptiedOn, $cameIn, new LotFacts(true, $price));
    }
}
