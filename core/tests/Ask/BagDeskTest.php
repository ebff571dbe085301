<?php

declare(strict_types=1);

namespace StoneMill\Tests\Ask;

use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** The sheet in which a cook already keeps the bags. */
final class BagDeskTest extends TestCase
{
    public function test_heads_in_a_cooks_own_words_and_marks_of_any_make_are_understood(): void
    {
        $read = self::read(['csv' => "\u{FEFF}Flour;Weight (kg);Price per kg;Bought;GF\r\nMasa harina;5;2,90;03.11.2026;yes\r\n\"Rice flour, brown\";1,5;;;\r\n"]);
        self::assertSame([['instant-masa-fine', 5000.0, 2.9, '2026-11-03', true], ['rice-brown', 1500.0, null, null, false]], array_map(
            static fn (Said $bag): array => [$bag['ingredient']->value, $bag['grams']->value, $bag['price_per_kg']->value, $bag['bought_on']->value, $bag['certified_gluten_free']->value],
            [...$read],
        ));
        self::assertSame([], $read[1]['doubts']->value);
    }

    public function test_another_column_is_named_by_the_cook(): void
    {
        $csv = "Mehl,Menge\nteff,2 kg\n";
        self::assertNull(self::read(['csv' => $csv])[0]['ingredient']->value);
        $named = self::read(['csv' => $csv, 'columns' => ['ingredient' => 'Mehl', 'grams' => 'Menge']])[0];
        self::assertSame(['teff', 2000.0, []], [$named['ingredient']->value, $named['grams']->value, $named['doubts']->value]);
        try {
            Bench::ask('bags', ['csv' => $csv, 'columns' => ['ingredient' => 'Flour']]);
            self::fail('taken');
        } catch (InvalidInput $refusal) {
            self::assertSame(['columns.ingredient', 'Mehl, Menge'], [$refusal->errors[0]->path, $refusal->errors[0]->limit]);
        }
    }

    public function test_what_can_be_read_in_two_ways_is_doubted_and_what_cannot_be_read_is_left_out_and_said(): void
    {
        $csv = "flour,weight,price,bought,best before\nflour,5,12,03/04/2026,31/12/2026\nmoon dust,much,9,sometime,2026-02-30\n";
        [$flour, $moon] = [...self::read(['csv' => $csv])];
        self::assertNull($flour['ingredient']->value);
        self::assertGreaterThan(1, count($flour['choices']), 'flour is many things');
        self::assertSame(['2026-04-03', '2026-12-31'], [$flour['bought_on']->value, $flour['best_before']->value]);
        self::assertStringContainsString('day first', (string) json_encode($flour['doubts']));
        self::assertStringContainsString('kilograms?', (string) json_encode($flour['doubts']));
        // 12 for 5 g would be 2,400 a kilogram.
        self::assertStringContainsString('whole bag', (string) json_encode($flour['doubts']));
        self::assertSame([null, null, null, null, null], [$moon['ingredient']->value, $moon['grams']->value, $moon['price_per_kg']->value, $moon['bought_on']->value, $moon['best_before']->value]);
        self::assertCount(5, $moon['doubts']);
    }

    public function test_a_bag_that_the_larder_has_is_said_to_be_there_and_of_two_alike_each_wants_its_own(): void
    {
        $csv = "flour,name,weight,bought\nteff,Teff,1 kg,2026-11-03\nteff,Teff,1 kg,2026-11-03\nteff,Teff,2 kg,2026-11-03\nteff,Teff,1 kg,\n";
        $there = static fn (array ...$lots): array => array_map(static fn (Said $bag): mixed => $bag['in_larder']->value, [...self::read(['csv' => $csv, 'lots' => $lots])]);
        $bag = ['label' => 'teff', 'bought_on' => '2026-11-03', 'grams' => 1000];
        self::assertSame([false, false, false, false], $there());
        self::assertSame([true, false, false, false], $there($bag));
        self::assertSame([true, true, false, false], $there($bag, $bag, $bag));
        self::assertSame([false, false, true, true], $there(['label' => 'Teff', 'grams' => 1000, 'bought_on' => null], ['label' => 'TEFF', 'grams' => 2000.2, 'bought_on' => '2026-11-03']));
        self::assertContains('The larder has this bag already.', (array) self::read(['csv' => $csv, 'lots' => [$bag]])[0]['doubts']->value);
        try {
            Bench::ask('bags', ['csv' => $csv, 'lots' => [['label' => '', 'grams' => -1]]]);
            self::fail('taken');
        } catch (InvalidInput $refusal) {
            self::assertSame(['lots[0].label', 'lots[0].grams'], array_column($refusal->errors, 'path'));
        }
    }

    public function test_whatever_is_in_a_sheet_is_read_without_a_failure(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(11));
        $bits = ['"', '""', ',', ';', "\n", "\r\n", "\t", 'flour', '=1+1', "'=1", '5 kg', '2026-13-45', '½', "\u{1F33D}", '1e9', '-3', 'yes', '%'];
        for ($round = 0; $round < 300; $round++) {
            $csv = 'ingredient,weight,bought'."\n".implode('', array_map(static fn (): string => $bits[$random->getInt(0, count($bits) - 1)], range(1, 14)));
            foreach (self::read(['csv' => $csv]) as $bag) {
                self::assertTrue($bag['grams']->value === null || is_finite($bag['grams']->number()));
                self::assertNotSame('', $bag['label']->value);
            }
        }
    }

    /** @param array<string, mixed> $document */
    private static function read(array $document): Said
    {
        return Said::at(Bench::ask('bags', $document), 'bags');
    }
}
