<?php

declare(strict_types=1);

namespace StoneMill\Tests\Ask;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** The record that a cook kept until now, and the list of weighings beside it. */
final class PastDeskTest extends TestCase
{
    private const CORN = '0f8fad5b-d9cb-469f-a165-70867728950e';

    private const MILLET = '7c9e6679-7425-40de-944b-e07fc1f90ae7';

    public function test_a_row_is_a_batch_with_what_its_cells_say_in_a_cooks_own_words(): void
    {
        [$first, $second] = self::read("Date;Bread;Flour (g);Water (ml);Dough;Good?;Stars;Cracks;Remarks\n3.11.2026;corn tortilla;250;335;right;yes;4;no;soft for two days\n7.11.2026 18:30;Millet;0,3 kg;260;too dry;no;★★;a few;\n");
        self::assertSame([self::CORN, '2026-11-03T12:00:00.000Z', 250.0, 335.0, 'ready', true, 8, 'none', 'soft for two days'], self::facts($first));
        self::assertSame([self::MILLET, '2026-11-07T18:30:00.000Z', 300.0, 260.0, 'crumbly', false, 4, 'some', null], self::facts($second));
        // What was never written is unknown, not none.
        self::assertSame([null, null, null], [self::at($first, 'batch.verdict.sticking'), self::at($first, 'batch.verdict.shade_first'), self::at($first, 'batch.pieces')]);
        self::assertSame(['“Millet” was taken for Millet rounds.', '“too dry” was taken for a dough that is crumbly.', '“★★” was taken for a score of 4 out of 10.'], $second['doubts']);
    }

    /** @param array<string, mixed> $expected by path */
    #[DataProvider('cells')]
    public function test_a_cell_is_taken_at_its_word(string $head, string $cell, array $expected): void
    {
        [$read] = self::read("Date\tBread\t$head\n2026-11-03\tCorn tortillas\t$cell\n");
        foreach ($expected as $path => $value) {
            self::assertSame($value, self::at($read, $path), "$head: $cell");
        }
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function cells(): iterable
    {
        yield 'a share is percent' => ['Hydration', '1.34', ['batch.hydration_percent' => 134.0, 'doubts' => ['1.34 was taken for 134 %.']]];
        yield 'percent' => ['Hydration', '128 %', ['batch.hydration_percent' => 128.0, 'doubts' => []]];
        // (140 − 32) · 5/9 = 60.
        yield 'Fahrenheit by its sign' => ['Water temp', '140 °F', ['batch.water_celsius' => 60.0]];
        yield 'Fahrenheit by the head' => ['Water (°F)', '122', ['batch.water_celsius' => 50.0]];
        yield 'hotter than boiling' => ['Water temp', '158', ['batch.water_celsius' => 70.0, 'doubts' => ['158 is hotter than boiling: taken for °F.']]];
        yield 'warm' => ['Water temp', '45', ['batch.water_celsius' => 45.0, 'doubts' => []]];
        yield 'pounds of flour' => ['Flour', '1 lb', ['batch.flour_grams' => 453.59]];
        yield 'kilograms by the head' => ['Flour (kg)', '0,5', ['batch.flour_grams' => 500.0]];
        yield 'a litre of water' => ['Water', '1 l', ['batch.water_grams' => 1000.0]];
        yield 'out of ten' => ['Rating', '7/10', ['batch.verdict.score' => 7]];
        yield 'out of five' => ['Rating', '4 of 5', ['batch.verdict.score' => 8]];
        yield 'plain' => ['Rating', '6', ['batch.verdict.score' => 6, 'doubts' => []]];
        yield 'puffed' => ['Puffed', 'partly', ['batch.verdict.puff' => 'patches']];
        yield 'folded' => ['Folds', 'cracks when folded', ['batch.verdict.pliability' => 'cracks_when_folded']];
        yield 'a face' => ['First face (0 pale to 1 burnt)', '0,45', ['batch.verdict.shade_first' => 0.45]];
        yield 'lost pieces count as pieces' => ['Lost', '3', ['batch.verdict.pieces_lost' => 3, 'batch.pieces' => 3]];
        yield 'what is neither yes nor no stays as it stands' => ['Good', 'maybe', ['batch.verdict' => null, 'batch.notes' => 'Good: maybe', 'doubts' => ['“Good: maybe” goes to the notes as it stands.']]];
        yield 'no weight' => ['Flour', 'two bags', ['batch.flour_grams' => null, 'batch.notes' => 'Flour: two bags']];
        yield 'too much for any kitchen' => ['Flour (kg)', '900', ['batch.flour_grams' => null, 'batch.notes' => 'Flour (kg): 900']];
        yield 'pieces that nobody makes' => ['Pieces', '1000', ['batch.pieces' => null, 'batch.notes' => 'Pieces: 1000']];
        yield 'notes without end' => ['Notes', str_repeat('soft ', 500), ['batch.notes' => mb_substr(str_repeat('soft ', 500), 0, 2000), 'doubts' => ['Its notes are longer than 2000 letters: the rest is left out.']]];
        yield 'what a spreadsheet was kept from running' => ['Notes', "'=like this", ['batch.notes' => '=like this']];
    }

    public function test_a_sheet_without_a_day_or_a_known_bread_asks(): void
    {
        [$undated, $unknown] = self::read("Date,Bread,Water\nlast week,Corn tortillas,300\n2026-11-03,Flatbread,300\n");
        self::assertNull($undated['batch']);
        self::assertSame(['“last week” is no day.'], $undated['doubts']);
        self::assertSame([null, [self::CORN, self::MILLET]], [$unknown['bread'], array_column(self::listOf($unknown['choices']), 'id')]);
    }

    public function test_times_are_in_the_zone_of_the_cook_unless_their_head_says_utc(): void
    {
        $csv = "%s,Bread\n2026-07-03 09:15,Corn tortillas\n2026-07-03 9:15 pm,Corn tortillas\n2026-07-03T09:15:00+05:30,Corn tortillas\n";
        $at = static fn (string $head): array => array_map(static fn (array $read): mixed => self::at($read, 'batch.at'), self::read(sprintf($csv, $head), ['zone' => 'Europe/Lisbon']));
        // Summer time there is an hour before UTC.
        self::assertSame(['2026-07-03T08:15:00.000Z', '2026-07-03T20:15:00.000Z', '2026-07-03T03:45:00.000Z'], $at('When'));
        self::assertSame('2026-07-03T09:15:00.000Z', $at('Started (UTC)')[0]);
    }

    public function test_weighings_go_with_the_batch_of_their_name_or_of_their_day_and_bread_and_are_one_by_themselves_where_there_is_none(): void
    {
        $made = "Batch,Date,Bread,Good\nA7,2026-11-07,Corn tortillas,yes\n,2026-11-08,Millet rounds,\n";
        $weighed = "Batch,When,Bread,What,Weight,Temp\nA7,2026-11-07 09:10,,Masa harina,301,\nA7,2026-11-07 09:14,,warm water,378,45\n,2026-11-08 10:00,Millet rounds,Water,210,\n,2026-11-09 10:00,Millet rounds,Pearl millet,200,\n,2026-11-09 10:01,Millet rounds,moon dust,3,\n";
        $read = self::read($made, ['weighed' => ['csv' => $weighed]]);
        $entries = static fn (array $batch): array => array_map(static fn (Said $entry): array => [$entry['kind']->value, isset($entry['ingredient']) ? $entry['ingredient']->value : null, $entry['grams']->value], Said::at($batch, 'batch.weighed')->listed());
        self::assertSame([['measured', 'instant-masa-fine', 301.0], ['poured', null, 378.0]], $entries($read[0]));
        self::assertSame(45.0, self::at($read[0], 'batch.weighed.1.celsius'));
        self::assertSame([['poured', null, 210.0]], $entries($read[1]));
        self::assertSame([0, self::MILLET, [['measured', 'pearl-millet', 200.0]]], [$read[2]['row'], $read[2]['bread'], $entries($read[2])]);
        self::assertStringContainsString('moon dust', (string) json_encode($read[2]['doubts']));
        self::assertCount(3, $read);
    }

    public function test_a_row_is_known_again_by_its_name_or_by_all_that_it_says_and_two_equal_rows_are_two(): void
    {
        $csv = "Batch,Date,Bread\nA7,2026-11-07,Corn tortillas\n,2026-11-08,Corn tortillas\n,2026-11-08,Corn tortillas\n";
        $keys = static fn (string $csv): array => array_map(static fn (array $read): mixed => self::at($read, 'batch.key'), self::read($csv));
        [$named, $plain, $again] = $keys($csv);
        self::assertSame('A7', $named);
        self::assertSame((new Said($plain))->text().' 2', $again);
        self::assertSame([$named, $plain, $again], $keys($csv));
        self::assertNotContains($plain, $keys(str_replace('11-08', '11-09', $csv)));
    }

    public function test_a_good_bread_says_of_its_dough_only_what_the_cook_lets_it_say(): void
    {
        $csv = "Date,Bread,Water,Good,Dough\n2026-11-07,Corn tortillas,300,yes,\n2026-11-08,Corn tortillas,300,no,\n2026-11-09,Corn tortillas,300,yes,sticky\n";
        $felt = static fn (bool $readyIfGood): array => array_map(static fn (array $read): mixed => self::at($read, 'batch.felt'), self::read($csv, $readyIfGood ? ['good_was_ready' => true] : []));
        self::assertSame([null, null, 'sticky'], $felt(false));
        self::assertSame(['ready', null, 'sticky'], $felt(true));
    }

    public function test_columns_that_the_sheet_does_not_have_and_zones_that_are_nowhere_are_named(): void
    {
        try {
            Bench::ask('past', ['made' => ['csv' => "Date,Bread\n2026-11-07,x\n", 'columns' => ['at' => 'Day', 'pieces' => 'Bread']], 'breads' => self::breads(), 'zone' => 'Moon/Sea']);
            self::fail('taken');
        } catch (InvalidInput $refusal) {
            self::assertSame(['made.columns.at', 'zone'], array_column($refusal->errors, 'path'));
        }
        try {
            Bench::ask('past', ['breads' => self::breads()]);
            self::fail('taken');
        } catch (InvalidInput $refusal) {
            self::assertSame('made, weighed or both', $refusal->errors[0]->limit);
        }
    }

    public function test_whatever_is_in_a_sheet_is_read_without_a_failure_and_nothing_of_it_is_lost(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(12));
        $bits = ['yes', 'no', '5', '0', '-3', '1e9', '½', '=1+1', '250', '4/0', '★★★★★★', '%', '140F', '2026-13-45', 'a bit', "\u{1F33D}", '12 kg', '99:99', 'crumbly'];
        $heads = ['Flour', 'Water', 'Hydration', 'Water temp', 'Pieces', 'Felt', 'Good', 'Score', 'Folds', 'Puff', 'First face', 'Second face', 'Cracks', 'Stuck', 'Good pieces', 'Seconds', 'Lost', 'Notes'];
        for ($round = 0; $round < 300; $round++) {
            $cells = array_map(static fn (): string => $bits[$random->getInt(0, count($bits) - 1)], $heads);
            [$read] = self::read('Date;Bread;'.implode(';', $heads)."\n2026-11-07;Corn tortillas;".implode(';', $cells)."\n");
            $told = (array) $read['batch'];
            $notes = (string) json_encode([$told['notes'], $read['doubts']], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
            foreach (['Flour' => 'flour_grams', 'Pieces' => 'pieces', 'Felt' => 'felt'] as $head => $field) {
                self::assertTrue($told[$field] !== null || str_contains($notes, "$head: ".$cells[array_search($head, $heads, true)]), "$head is told or noted");
            }
        }
    }

    /**
     * @param array<string, mixed> $more
     * @return list<array<string, mixed>>
     */
    private static function read(string $csv, array $more = []): array
    {
        return Said::at(Bench::ask('past', ['made' => ['csv' => $csv], 'breads' => self::breads(), ...$more]), 'batches')->rows();
    }

    /** @return list<array{id: string, name: string}> */
    private static function breads(): array
    {
        return [['id' => self::CORN, 'name' => 'Corn tortillas'], ['id' => self::MILLET, 'name' => 'Millet rounds']];
    }

    /**
     * @param array<string, mixed> $read
     * @return list<mixed>
     */
    private static function facts(array $read): array
    {
        return array_map(static fn (string $path): mixed => self::at($read, $path), ['bread', 'batch.at', 'batch.flour_grams', 'batch.water_grams', 'batch.felt', 'batch.verdict.again', 'batch.verdict.score', 'batch.verdict.cracks', 'batch.notes']);
    }

    /** @param array<mixed> $read */
    private static function at(array $read, string $path): mixed
    {
        return array_reduce(explode('.', $path), static fn (mixed $value, string $name): mixed => is_array($value) ? $value[$name] ?? null : null, $read);
    }

    /** @return list<mixed> */
    private static function listOf(mixed $value): array
    {
        self::assertIsArray($value);

        return array_values($value);
    }
}
