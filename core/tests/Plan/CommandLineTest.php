<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Tests\Said;

final class CommandLineTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function goodExamples(): iterable
    {
        foreach (['almond-wrap', 'millet-round', 'pressed-masa', 'rice-round'] as $name) {
            yield $name => [$name];
        }
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function badExamples(): iterable
    {
        yield 'amounts' => ['bad-amounts', ['formula.lines[0].grams', 'formula.lines[1].grams']];
        yield 'pieces' => ['bad-pieces', ['pieces.count']];
        yield 'temperatures' => ['bad-temperatures', ['room.celsius', 'water.celsius']];
        yield 'ingredients' => ['bad-ingredients', ['formula.lines[0].ingredient', 'formula.lines[2].ingredient']];
        yield 'numbers' => ['bad-numbers', ['formula.lines[0].grams', 'formula.lines[1].grams', 'hands']];
    }

    #[DataProvider('goodExamples')]
    public function test_a_good_file_prints_its_plan_and_ends_well(string $name): void
    {
        [$code, $out, $error] = self::plan("formats/examples/$name.json");
        self::assertSame([0, ''], [$code, $error]);
        self::assertSame($name, Said::json($out)['style']['id']->value);
    }

    /** @param list<string> $paths */
    #[DataProvider('badExamples')]
    public function test_a_bad_file_prints_a_problem_naming_each_place_and_ends_with_two(string $name, array $paths): void
    {
        [$code, $out, $error] = self::plan("formats/examples/$name.json");
        self::assertSame([2, ''], [$code, $out]);
        self::assertSame($paths, Said::json($error)['errors']->each('path'));
    }

    /** @return iterable<string, array{string, string, string}> question, example, a field of the answer */
    public static function questions(): iterable
    {
        yield 'plan' => ['plan', 'scaled-by-what-is-scarce', 'rise'];
        yield 'compare' => ['compare', 'compare-water', 'changes'];
        yield 'swap' => ['swap', 'swap-egg', 'options'];
        yield 'blend' => ['blend', 'blend-low-carb', 'lines'];
        yield 'a blend that cannot be' => ['blend', 'blend-clash', 'clash'];
        yield 'choose' => ['choose', 'choose-wrap', 'breads'];
        yield 'nixtamal' => ['nixtamal', 'nixtamal', 'clock'];
        yield 'milling' => ['milling', 'milling-oats', 'flour_grams'];
        yield 'label' => ['label', 'label-own', 'energy_counted_kj'];
        yield 'cut-outs' => ['shape', 'shape-almond', 'cut'];
        yield 'a filling' => ['shape', 'shape-stuffed', 'stuffed'];
        yield 'batter' => ['shape', 'shape-batter', 'batter'];
        yield 'bake' => ['bake', 'bake-own', 'own'];
        yield 'turns' => ['turns', 'turns-masa', 'best'];
        yield 'loads' => ['loads', 'loads-masa', 'loads'];
        yield 'calibrate' => ['calibrate', 'calibrate-iron', 'warm_up'];
        yield 'practice' => ['practice', 'practice-hot', 'lifted'];
        yield 'a day' => ['day', 'day-two-breads', 'batches'];
        yield 'a sheet' => ['sheet', 'sheet-nixtamal', 'rows'];
    }

    #[DataProvider('questions')]
    public function test_every_question_of_the_core_can_be_asked_from_a_file(string $question, string $example, string $field): void
    {
        [$code, $out, $error] = self::ask($question, "formats/examples/$example.json");
        self::assertSame([0, ''], [$code, $error]);
        self::assertNotEmpty(Said::json($out)[$field]->value);
        self::assertSame($out, self::ask($question, "formats/examples/$example.json")[1], 'the same file gives the same bytes');
    }

    #[DataProvider('questions')]
    public function test_every_question_refuses_a_list_with_a_problem(string $question): void
    {
        $list = (string) tempnam(sys_get_temp_dir(), 'mill');
        file_put_contents($list, '[1, 2]');
        [$code, $out, $error] = self::ask($question, $list);
        unlink($list);
        self::assertSame([2, ''], [$code, $out]);
        self::assertNotSame([], Said::json($error)['errors']->value);
    }

    public function test_what_is_no_file_or_no_json_is_a_problem_too(): void
    {
        $broken = (string) tempnam(sys_get_temp_dir(), 'mill');
        file_put_contents($broken, '{"style": ');
        foreach ([$broken => '(document)', '/nowhere/at-all.json' => '(file)'] as $file => $path) {
            [$code, , $error] = self::plan($file);
            self::assertSame(2, $code);
            self::assertSame($path, Said::json($error)['errors'][0]['path']->value);
        }
        unlink($broken);
    }

    /** @return array{int, string, string} exit code, output, error output */
    private static function plan(string $file): array
    {
        return self::ask('plan', $file);
    }

    public function test_a_file_is_found_from_wherever_the_cook_stands_and_a_hyphen_is_standard_input(): void
    {
        $root = dirname(__DIR__, 3);
        $expected = self::plan('formats/examples/pressed-masa.json')[1];
        foreach ([['plan', 'pressed-masa.json', ''], ['plan', '-', 'pressed-masa.json']] as [$question, $file, $input]) {
            $process = proc_open(["$root/bin/mill", $question, $file], [0 => $input === '' ? ['pipe', 'r'] : ['file', "$root/formats/examples/$input", 'r'], 1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, "$root/formats/examples");
            self::assertIsResource($process);
            self::assertSame($expected, stream_get_contents($pipes[1]));
            self::assertSame(0, proc_close($process));
        }
    }

    /** @return array{int, string, string} exit code, output, error output */
    private static function ask(string $question, string $file): array
    {
        $root = dirname(__DIR__, 3);
        $process = proc_open([PHP_BINARY, 'bin/ask.php', $question, $file], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $root);
        self::assertIsResource($process);
        $out = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $error];
    }
}
