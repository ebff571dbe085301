<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Ask\Question;
use Symfony\Component\Process\Process;

/** What bin/mill says when it cannot begin: one line, a code that is not 0, and nothing half-made. */
final class CommandTest extends TestCase
{
    public function test_a_port_in_use_is_said_in_one_line(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($taken);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
        $this->assertRefused(['demo', '--port', (string) $port], "Port $port on 127.0.0.1 is in use");
        fclose($taken);
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function refusals(): iterable
    {
        yield 'no such port' => [['demo', '--port', '70000'], '--port must be a number from 1 to 65535'];
        yield 'no number' => [['demo', '--port', 'http'], '--port must be a number from 1 to 65535'];
        yield 'no such option' => [['demo', '--colour'], "There is no option '--colour'"];
        yield 'no such command' => [['boil'], "There is no command 'boil'"];
    }

    /** @param list<string> $arguments */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_done_is_said_in_one_line(array $arguments, string $words): void
    {
        $this->assertRefused($arguments, $words);
    }

    public function test_every_command_says_what_it_does_and_the_whole_its_version(): void
    {
        foreach (['demo', 'up', 'test', 'plan', 'swap', 'day', 'formula', 'backup', 'restore', 'export', 'import', 'users', 'completion', 'manual', 'doctor', 'house', 'rebuild', 'bench', 'attack', 'shots'] as $command) {
            [$code, , $said] = $this->mill([$command, '--help']);
            self::assertSame(0, $code, $command);
            self::assertStringContainsString('bin/mill ', $said);
            self::assertSame($said, $this->mill(['help', $command])[2]);
        }
        self::assertMatchesRegularExpression('/^Stone Mill [0-9]+\.[0-9]+\.[0-9]+$/', trim($this->mill(['--version'])[2]));
        self::assertSame(2, $this->mill(['boil', '--help'])[0]);
    }

    public function test_the_manual_holds_what_help_says_of_every_command_and_how_they_end(): void
    {
        $manual = $this->mill(['manual'])[2];
        preg_match_all('/^  ([a-z]+)(?: FILE| \\[| NAME|, | {2})/m', $this->mill(['help'])[2], $listed);
        self::assertGreaterThan(14, count($listed[1]));
        foreach ([...$listed[1], 'import', 'attack', 'shots'] as $command) {
            foreach (explode("\n", trim($this->mill([$command, '--help'])[2])) as $line) {
                self::assertStringContainsString("    $line\n", $manual, $command);
            }
        }
        foreach (Question::cases() as $question) {
            self::assertMatchesRegularExpression("/^ .*\\b{$question->value}\\b/m", $manual);
        }
        self::assertMatchesRegularExpression('/EXIT STATUS\n    0 .*\n    1 .*\n    2 /', $manual);
    }

    public function test_a_command_that_takes_no_such_file_or_name_says_so_on_the_error_output_alone_and_ends_with_two(): void
    {
        $note = tempnam(sys_get_temp_dir(), 'mill-note') ?: '';
        file_put_contents($note, 'no kitchen');
        foreach ([['restore', $note], ['import', $note]] as $arguments) {
            [$code, $error, $said] = $this->mill($arguments);
            self::assertSame([2, ''], [$code, $said], $arguments[0]);
            self::assertNotSame('', trim($error));
        }
        unlink($note);
    }

    public function test_where_there_is_no_kitchen_every_command_that_wants_one_says_so_in_one_line_and_makes_none(): void
    {
        foreach ([['users'], ['password', 'cook'], ['export', 'out.zip'], ['rebuild'], ['backup']] as $arguments) {
            $this->assertRefused($arguments, 'is not there. Name the right one in MILL_DATABASE');
        }
        self::assertFileDoesNotExist(dirname(__DIR__, 2).'/out.zip');
    }

    public function test_the_shell_completes_every_question_and_command(): void
    {
        $words = $this->mill(['completion'])[2];
        foreach ([...array_column(Question::cases(), 'value'), 'demo', 'up', 'export', 'import', 'users'] as $command) {
            self::assertMatchesRegularExpression("/\\b$command\\b/", $words);
            self::assertSame(0, $this->mill([$command, '--help'])[0], "$command is a command");
        }
    }

    public function test_a_kitchen_moves_by_two_commands_and_is_the_same_to_the_byte(): void
    {
        $folder = sys_get_temp_dir().'/mill-move-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $run = static function (string $house, string ...$words) use ($folder): string {
            $process = new Process([dirname(__DIR__, 2).'/bin/mill', ...$words], $folder, ['MILL_DATABASE' => "$folder/$house.sqlite", 'APP_ENV' => 'local', 'MILL_HASH_MEMORY' => '64'], timeout: 120);

            return $process->mustRun()->getOutput();
        };
        copy(dirname(__DIR__, 2).'/database/fixtures/first-landing.sqlite', "$folder/here.sqlite");
        (new Process(['php', 'artisan', 'mill:prepare'], dirname(__DIR__, 2), ['MILL_DATABASE' => "$folder/here.sqlite", 'APP_ENV' => 'local']))->mustRun();
        $run('here', 'export', 'first.zip');
        self::assertStringContainsString('It is in.', $run('there', 'import', 'first.zip'));
        self::assertStringContainsString('owner', $run('there', 'users'));
        $run('there', 'export', 'second.zip');
        self::assertSame(hash_file('sha256', "$folder/first.zip"), hash_file('sha256', "$folder/second.zip"));
        array_map(unlink(...), array_filter(glob("$folder/{,.}*", GLOB_BRACE) ?: [], is_file(...)));
        rmdir($folder);
    }

    public function test_it_works_through_a_link_from_any_folder_and_reads_a_file_from_where_the_cook_stands(): void
    {
        $folder = sys_get_temp_dir().'/mill link '.bin2hex(random_bytes(4));
        mkdir($folder);
        symlink(dirname(__DIR__, 2).'/bin/mill', "$folder/mill");
        copy(dirname(__DIR__, 2).'/formats/examples/nixtamal.json', "$folder/a file.json");
        [$code, $error, $said] = $this->mill(['nixtamal', 'a file.json'], "$folder/mill", $folder);
        self::assertSame([0, ''], [$code, $error]);
        self::assertJson($said);
        unlink("$folder/mill");
        unlink("$folder/a file.json");
        rmdir($folder);
    }

    public function test_beyond_this_machine_it_warns_and_wants_a_password(): void
    {
        [$code, $error] = $this->mill(['demo', '--host', '0.0.0.0', '--port', '8499']);
        self::assertNotSame(0, $code);
        self::assertStringContainsString('can be reached by others', $error);
        self::assertStringContainsString('wants a real password', $error);
    }

    public function test_told_to_end_it_ends_its_workers_too(): void
    {
        $folder = sys_get_temp_dir().'/mill-end-'.bin2hex(random_bytes(4));
        $port = 8477;
        $process = proc_open(
            ['bash', 'bin/mill', 'demo', '--port', (string) $port],
            [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            dirname(__DIR__, 2),
            [...getenv(), 'MILL_DATABASE' => $folder.'/kitchen.sqlite'],
        );
        self::assertIsResource($process);
        $said = '';
        while (! str_contains($said, 'Ctrl-C') && ! feof($pipes[1])) {
            $said .= (string) fgets($pipes[1]);
        }
        self::assertStringContainsString("http://127.0.0.1:$port", $said);
        self::assertIsResource(@stream_socket_client("tcp://127.0.0.1:$port"));
        proc_terminate($process);
        self::assertSame(143, proc_close($process));
        usleep(300_000);
        self::assertFalse(@stream_socket_client("tcp://127.0.0.1:$port"), 'Something still listens.');
        array_map(unlink(...), glob($folder.'/*') ?: []);
        rmdir($folder);
    }

    /** @param list<string> $arguments */
    private function assertRefused(array $arguments, string $words): void
    {
        [$code, $error, , $folder] = $this->mill($arguments);
        self::assertNotSame(0, $code);
        self::assertStringContainsString($words, $error);
        self::assertSame(1, substr_count(trim($error), "\n") + 1, $error);
        self::assertDirectoryDoesNotExist($folder);
    }

    /**
     * @param list<string> $arguments
     * @return array{int, string, string, string} exit code, standard error, standard output, folder of the kitchen it would make
     */
    private function mill(array $arguments, string $command = 'bin/mill', ?string $from = null): array
    {
        $folder = sys_get_temp_dir().'/mill-none-'.bin2hex(random_bytes(4));
        $process = proc_open(
            ['bash', $command, ...$arguments],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            $from ?? dirname(__DIR__, 2),
            [...getenv(), 'MILL_DATABASE' => $folder.'/kitchen.sqlite', 'MILL_PASSWORD' => ''],
        );
        self::assertIsResource($process);
        $said = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $error, $said, $folder];
    }
}
