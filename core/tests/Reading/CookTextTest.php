<?php

declare(strict_types=1);

namespace StoneMill\Tests\Reading;

use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Cup;
use StoneMill\Measure\VolumeUnit;
use StoneMill\Plan\Reference;
use StoneMill\Reading\AmountKind;
use StoneMill\Reading\CookText;
use StoneMill\Reading\LineKind;
use StoneMill\Reading\Measures;
use StoneMill\Reading\ReadFormula;
use StoneMill\Reading\ReadLine;
use StoneMill\School\ExtraPlace;
use StoneMill\School\GoesIn;

/** A formula as cooks write it, line by line. The lines are our own, in lines.txt. */
final class CookTextTest extends TestCase
{
    private static CookText $text;

    public static function setUpBeforeClass(): void
    {
        self::$text = CookText::in(Reference::shipped()->catalogue, Reference::names(), new Measures);
    }

    public function test_of_three_hundred_lines_nineteen_in_twenty_are_right_and_no_wrong_amount_goes_without_doubt(): void
    {
        $wrong = [];
        $silent = [];
        $lines = self::lines();
        self::assertGreaterThanOrEqual(300, count($lines));
        foreach ($lines as $line) {
            $read = self::$text->read($line['text']);
            $said = count($read) === 1 ? self::said($read[0]) : ['parts' => count($read)];
            if (! self::isRight($line, $said)) {
                $wrong[] = sprintf('%s: %s', $line['text'], json_encode($said, JSON_UNESCAPED_UNICODE));
                if (count($read) !== 1 || $read[0]->kind !== LineKind::Asked && $read[0]->doubts === [] && $read[0]->kind !== LineKind::Note) {
                    $silent[] = end($wrong);
                }
            }
        }
        self::assertSame([], $silent, 'taken wrongly, and nobody was told');
        self::assertLessThanOrEqual(0.05 * count($lines), count($wrong), implode("\n", $wrong));
    }

    public function test_nothing_of_a_text_is_dropped(): void
    {
        $text = implode("\n", array_column(self::lines(), 'text'));
        foreach (array_chunk(explode("\n", $text), 100) as $chunk) {
            $parts = implode(' ', array_map(static fn (ReadLine $line): string => $line->text, self::$text->read(implode("\n", $chunk))));
            preg_match_all('/[\p{L}\d]{2,}/u', implode("\n", $chunk), $words);
            preg_match_all('/[\p{L}\d]{2,}/u', $parts, $kept);
            self::assertSame([], array_diff($words[0], [...$kept[0], 'Step', 'and', 'plus']));
        }
    }

    public function test_a_line_with_several_things_becomes_several(): void
    {
        $read = self::$text->read('2 cups instant corn flour, 1 ½ tsp salt, 300 ml warm water, a thumb of ghee');
        self::assertSame(['instant-masa-fine', 'salt', 'water', 'ghee'], array_map(static fn (ReadLine $line): ?string => $line->ingredient?->id, $read));
        self::assertSame([LineKind::Dough, LineKind::Dough, LineKind::Water, LineKind::Dough], array_column($read, 'kind'));
        self::assertSame(43.0, $read[2]->celsius, 'warm to the hand');
    }

    public function test_so_much_each_of_several_is_so_much_of_every_one(): void
    {
        $said = static fn (string $text): array => array_map(static fn (ReadLine $line): array => [$line->ingredient?->id, $line->amount?->number->likely], self::$text->read($text));
        self::assertSame([['sorghum', 60.0], ['salt', 60.0]], $said('60 g each of sorghum flour and salt'));
        self::assertSame([['sorghum', 0.5], ['psyllium-husk', 0.5], ['salt', 0.5]], $said('½ tsp each: sorghum flour, psyllium husk and salt'));
        self::assertCount(1, $said('60 g each of sorghum flour'));
        self::assertSame([['salt', 60.0], ['sorghum', 60.0], ['sorghum', null]], $said('60 g each of salt and sorghum flour, plus extra for dusting'));
    }

    public function test_more_of_the_same_for_the_board_or_the_griddle_is_a_thing_of_its_own(): void
    {
        [$dough, $dust] = self::$text->read('250 g sorghum flour, plus extra for dusting');
        self::assertSame([LineKind::Dough, 250.0], [$dough->kind, $dough->grams?->likely]);
        self::assertSame(['sorghum', LineKind::Extra, ExtraPlace::Dusting, null], [$dust->ingredient?->id, $dust->kind, $dust->place, $dust->grams]);
        [, $pan] = self::$text->read('2 tbsp oil and 1 tsp more for the pan');
        self::assertSame(['sunflower-oil', ExtraPlace::Griddle], [$pan->ingredient?->id, $pan->place]);
    }

    public function test_what_stands_below_a_heading_goes_where_the_heading_says(): void
    {
        $read = self::$text->read("Filling:\n200 g black beans\nFor the dough:\n200 g masa harina");
        self::assertSame(ExtraPlace::Filling, $read[1]->place);
        self::assertSame([LineKind::Dough, null], [$read[3]->kind, $read[3]->place]);
    }

    public function test_how_it_comes_in_is_read_where_a_dough_knows_it(): void
    {
        $ways = ['50 g butter, melted' => GoesIn::Melted, '50 g cold butter, cubed' => GoesIn::RubbedIn, '2 eggs, beaten' => GoesIn::Whisked, '50 g butter, softened' => GoesIn::KneadedIn, '5 g salt' => null];
        foreach ($ways as $text => $way) {
            self::assertSame($way, self::$text->read($text)[0]->goesIn, $text);
        }
    }

    public function test_of_two_amounts_for_one_thing_the_weight_is_taken_and_a_contradiction_is_said(): void
    {
        self::assertSame([], self::$text->read('130 g (1 cup) rice flour')[0]->doubts);
        // 1 cup of rice flour weighs 140 g, not 500.
        $apart = self::$text->read('500 g (1 cup) rice flour')[0];
        self::assertSame(500.0, $apart->grams?->likely);
        self::assertStringContainsString('not the same', implode(' ', $apart->doubts));
    }

    public function test_what_is_named_twice_is_added_up_or_asked_about_and_never_left_behind(): void
    {
        $sums = static function (string $text): array {
            $read = new ReadFormula(self::$text->read($text));
            $lines = [...$read->dough(), ...$read->extras()];

            return [...array_map(static fn (ReadLine $line): array => [$line->ingredient?->id, $line->amount?->kind, $line->amount?->number->likely], $lines), ...($read->open() === 0 ? [] : [$read->open().' asked'])];
        };
        self::assertSame([['sorghum', AmountKind::Grams, 250.0], ['salt', AmountKind::Grams, 5.0]], $sums('200 g sorghum flour
3 g salt
50 g sorghum flour
2 g salt'));
        self::assertSame([['salt', AmountKind::Percent, 2.5]], $sums('2 % salt
0.5 % salt'), 'shares of one flour base');
        self::assertSame([['salt', AmountKind::Percent, 2.0], '1 asked'], $sums('2 % salt
3 g salt'), 'nobody knows yet how much 2 % is');
        self::assertSame([['sunflower-oil', AmountKind::Volume, 1.0]], $sums('oil for the griddle
1 tbsp oil for the griddle'));
    }

    public function test_of_two_that_cannot_be_added_the_later_one_is_asked_about_until_both_are_in_grams(): void
    {
        $read = self::$text->read('100 % sorghum flour
2 % salt
3 g salt');
        $asked = (new ReadFormula($read))->lines[2];
        self::assertSame(LineKind::Asked, $asked->kind);
        self::assertStringContainsString('cannot be added', implode(' ', $asked->doubts));
        self::assertSame(0, (new ReadFormula([$read[0], $read[1]->settled(null, 4.0, null), $read[2]]))->open());
        self::assertSame(0, (new ReadFormula([$read[0], $read[1], $read[2]->asNote()]))->open());
    }

    public function test_a_cup_is_doubted_until_somebody_says_which(): void
    {
        self::assertNotSame([], self::$text->read('1 cup rice flour')[0]->doubts);
        $said = CookText::in(Reference::shipped()->catalogue, Reference::names(), new Measures(Cup::Us))->read('1 cup rice flour')[0];
        self::assertSame([[], VolumeUnit::CupUs], [$said->doubts, $said->amount?->unit]);
    }

    public function test_whatever_is_typed_is_read_without_a_failure_and_always_alike(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        $pieces = ['1/0', '½', '(', ')', '%', 'cup', 'T', 'oz', '1,,5', "\u{1F33D}", 'flour', '-', '&', '12345678901234567890', ':', '°', 'x', "\t", 'a', 'pinch', '"', '\\', '/', 'plus', 'more', ';', 'ml'];
        for ($round = 0; $round < 400; $round++) {
            $text = implode($random->getInt(0, 1) === 1 ? ' ' : '', array_map(static fn (int $key): string => $pieces[$key], array_map(static fn (): int => $random->getInt(0, count($pieces) - 1), range(1, 9))));
            $read = self::$text->read($text);
            self::assertEquals($read, self::$text->read($text));
            foreach ($read as $line) {
                self::assertTrue($line->grams === null || is_finite($line->grams->likely));
            }
        }
    }

    /** @return array{kind: string, ingredient: string, amount: string, place: string} */
    private static function said(ReadLine $line): array
    {
        $amount = $line->amount;
        $number = match (true) {
            $line->count !== null => [(float) $line->count, ''],
            $amount === null => null,
            $amount->kind === AmountKind::Volume => [$amount->number->likely * ($amount->unit?->spread(null)->likely ?? 0.0), 'ml'],
            $amount->kind === AmountKind::Grams => [$amount->number->likely, 'g'],
            $amount->kind === AmountKind::Percent => [$amount->number->likely, '%'],
            default => [$amount->number->likely, 'pc'],
        };

        return [
            'kind' => $line->kind === LineKind::Extra ? 'x' : $line->kind->value[0],
            'ingredient' => $line->ingredient->id ?? '',
            'amount' => $number === null ? '' : trim(sprintf('%.3f %s', ...$number)),
            'place' => $line->place->value ?? '',
        ];
    }

    /**
     * @param array{text: string, kind: string, ingredient: string, amount: string, place: string} $line
     * @param array<string, int|string> $said
     */
    private static function isRight(array $line, array $said): bool
    {
        if (($said['kind'] ?? '') !== $line['kind'] || $line['kind'] === 'h') {
            return ($said['kind'] ?? '') === $line['kind'];
        }
        [$wanted, $unit] = [...explode(' ', $line['amount']), '', ''];
        [$number, $got] = [...explode(' ', (string) $said['amount']), '', ''];

        return ($line['ingredient'] === '' || $line['ingredient'] === $said['ingredient'])
            && ($wanted === '' || $wanted === '-' && $number === '' || $unit === $got && abs((float) $number - (float) $wanted) <= 0.02 * (float) $wanted)
            && $line['place'] === $said['place'];
    }

    /** @return list<array{text: string, kind: string, ingredient: string, amount: string, place: string}> */
    private static function lines(): array
    {
        $lines = [];
        foreach (file(__DIR__.'/lines.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $row) {
            if (! str_starts_with($row, '#')) {
                $cells = [...array_map(trim(...), explode('|', $row)), '', '', ''];
                $lines[] = ['text' => $cells[0], 'kind' => $cells[1], 'ingredient' => $cells[2], 'amount' => $cells[3], 'place' => $cells[4]];
            }
        }

        return $lines;
    }
}
