<?php

declare(strict_types=1);

namespace StoneMill\Tests\Exchange;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\BrokenRow;
use StoneMill\Exchange\Row;
use StoneMill\Record\Tally;
use StoneMill\School\Stage;

/** What the house wrote itself is read as it was written, or not at all. */
final class RowTest extends TestCase
{
    private const KEPT = '{"name":"masa","grams":250,"share":0.5,"n":3,"good":true,"made":0,"stage":"mix","none":null,"own.of":1,"in":{"deep":{"grams":[1,2.5]}},"rows":[{"n":1},{"n":2}]}';

    public function test_each_value_comes_out_as_it_was_written_by_its_name_or_by_the_path_to_it(): void
    {
        $row = Row::ofJson(self::KEPT, 'batch');
        self::assertSame(['masa', 250.0, 0.5, 3], [$row->text('name'), $row->number('grams'), $row->number('share'), $row->whole('n')]);
        self::assertSame([true, false, Stage::Mix], [$row->isTrue('good'), $row->isTrue('made'), $row->choice('stage', Stage::class)]);
        self::assertSame([null, null, null], [$row->optionalText('none'), $row->optionalNumber('not there'), $row->optionalRow('in.nowhere')]);
        self::assertSame([[1.0, 2.5], [1.0, 2.5], 1.0], [$row->numbers('in.deep.grams'), $row->range('in.deep.grams'), $row->number('own.of')]);
        self::assertSame([1, 2], array_map(static fn (Row $one): int => $one->whole('n'), $row->rows('rows')));
        self::assertSame([], $row->optionalRows('nowhere'));
    }

    /** @return iterable<string, array{callable(Row): mixed, string}> */
    public static function otherwise(): iterable
    {
        yield 'a number where text was written' => [static fn (Row $row): mixed => $row->number('name'), 'batch.name is string'];
        yield 'a whole number where a fraction was' => [static fn (Row $row): mixed => $row->whole('share'), 'batch.share is float'];
        yield 'what was left out' => [static fn (Row $row): mixed => $row->text('nobody'), 'batch.nobody is null'];
        yield 'a choice that nobody knows' => [static fn (Row $row): mixed => $row->choice('name', Stage::class), 'batch.name'];
        yield 'text that would pass for a truth' => [static fn (Row $row): mixed => $row->isTrue('name'), 'batch.name'];
        yield 'one of a list' => [static fn (Row $row): mixed => $row->texts('in.deep.grams'), 'batch.in.deep.grams.0 is int'];
        yield 'a row where a number was written' => [static fn (Row $row): mixed => $row->row('grams'), 'batch.grams is int'];
    }

    /** @param callable(Row): mixed $read */
    #[DataProvider('otherwise')]
    public function test_what_is_otherwise_than_it_was_written_is_told_with_its_place(callable $read, string $says): void
    {
        $this->expectException(BrokenRow::class);
        $this->expectExceptionMessage($says);
        $read(Row::ofJson(self::KEPT, 'batch'));
    }

    #[TestWith(['not JSON'])]
    #[TestWith(['7'])]
    #[TestWith(['{"format": 8}'])]
    #[TestWith(['{"format": 8, "bowl": {"lines": {"masa": "much"}}}'])]
    public function test_a_kept_sum_that_is_not_whole_is_counted_anew_from_the_log(string $kept): void
    {
        self::assertNull(Tally::fromText($kept));
    }
}
