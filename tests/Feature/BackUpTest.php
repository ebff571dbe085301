<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** Works on files of its own, by the real commands. */
final class BackUpTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/mill-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        touch($this->folder.'/kitchen.sqlite');
        self::assertSame(0, $this->artisan('migrate', '--force')[0]);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), array_filter([...glob($this->folder.'/*') ?: [], ...glob($this->folder.'/copies/*') ?: []], is_file(...)));
        array_map(rmdir(...), array_filter([$this->folder.'/copies', $this->folder], is_dir(...)));
    }

    public function test_a_copy_brings_back_what_was_lost_and_keeps_what_was_there(): void
    {
        $this->sql("INSERT INTO kitchens (name) VALUES ('before')");
        self::assertSame(0, $this->artisan('mill:backup', $this->folder.'/copy.sqlite')[0]);
        $this->sql("DELETE FROM kitchens; INSERT INTO kitchens (name) VALUES ('after')");
        self::assertSame(0, $this->artisan('mill:restore', $this->folder.'/copy.sqlite')[0]);
        self::assertSame('before', $this->sql('SELECT name FROM kitchens'));
        $kept = (array) glob($this->folder.'/kitchen-before-restore-*.sqlite');
        self::assertSame('after', $this->sql('SELECT name FROM kitchens', (string) $kept[0]));
    }

    public function test_of_dated_copies_the_newest_are_kept_and_nothing_else_is_touched(): void
    {
        $this->sql("INSERT INTO kitchens (name) VALUES ('here')");
        foreach (['2026-01-01-033000', '2026-01-02-033000', '2026-01-03-033000'] as $moment) {
            copy($this->folder.'/kitchen.sqlite', $this->folder."/kitchen-$moment.sqlite");
        }
        file_put_contents($this->folder.'/kitchen-before-restore-2025.sqlite', 'a cook keeps this');
        self::assertSame(0, $this->artisan('mill:backup', '--folder='.$this->folder, '--keep=2')[0]);
        [$older, $newer] = [...array_map(basename(...), glob($this->folder.'/kitchen-2*.sqlite') ?: []), '', ''];
        self::assertSame('kitchen-2026-01-03-033000.sqlite', $older);
        self::assertSame('here', $this->sql('SELECT name FROM kitchens', $this->folder.'/'.$newer));
        self::assertCount(2, glob($this->folder.'/kitchen-2*.sqlite') ?: []);
        self::assertFileExists($this->folder.'/kitchen-before-restore-2025.sqlite');
        self::assertSame(2, $this->artisan('mill:backup', '--folder='.$this->folder, '--keep=none')[0]);
    }

    public function test_a_kitchen_that_is_broken_takes_no_old_copy_away(): void
    {
        copy($this->folder.'/kitchen.sqlite', $this->folder.'/kitchen-2026-01-01-033000.sqlite');
        file_put_contents($this->folder.'/kitchen.sqlite', 'not a database');
        self::assertSame(1, $this->artisan('mill:backup', '--folder='.$this->folder, '--keep=1')[0]);
        self::assertFileExists($this->folder.'/kitchen-2026-01-01-033000.sqlite');
    }

    public function test_what_is_no_kitchen_is_not_restored_and_no_copy_is_written_over(): void
    {
        $this->sql("INSERT INTO kitchens (name) VALUES ('here')");
        file_put_contents($this->folder.'/note.sqlite', 'not a database');
        self::assertSame(2, $this->artisan('mill:restore', $this->folder.'/note.sqlite')[0]);
        self::assertSame(1, $this->artisan('mill:backup', $this->folder.'/note.sqlite')[0]);
        self::assertSame('here', $this->sql('SELECT name FROM kitchens'));
        self::assertSame('not a database', file_get_contents($this->folder.'/note.sqlite'));
    }

    public function test_a_copy_of_an_earlier_version_is_brought_up_to_date_as_it_is_put_back(): void
    {
        $old = dirname(__DIR__, 2).'/database/fixtures/first-landing.sqlite';
        self::assertSame(0, $this->artisan('mill:restore', $old)[0]);
        self::assertSame($this->sql('SELECT count(*) FROM batch_events', $old), $this->sql('SELECT count(*) FROM batch_events'));
        self::assertSame('0', $this->sql('SELECT count(*) FROM batches WHERE tally IS NULL OR summary IS NULL'));
    }

    public function test_an_empty_a_foreign_and_a_newer_file_are_refused_in_words_and_nothing_is_changed(): void
    {
        $this->sql("INSERT INTO kitchens (name) VALUES ('here')");
        touch($this->folder.'/empty.sqlite');
        (new \PDO('sqlite:'.$this->folder.'/foreign.sqlite'))->exec('CREATE TABLE accounts (id INTEGER)');
        copy($this->folder.'/kitchen.sqlite', $this->folder.'/newer.sqlite');
        $this->sql("INSERT INTO migrations (migration, batch) VALUES ('2999_01_01_000000_from_later', 9)", $this->folder.'/newer.sqlite');
        foreach (['empty' => 'is empty', 'foreign' => 'is no kitchen of Stone Mill', 'newer' => 'newer Stone Mill', 'missing' => 'is not there'] as $name => $words) {
            [$code, $said] = $this->artisan('mill:restore', "$this->folder/$name.sqlite");
            self::assertSame(2, $code);
            self::assertStringContainsString($words, (string) preg_replace('/\s+/', ' ', $said));
        }
        self::assertSame('here', $this->sql('SELECT name FROM kitchens'));
        self::assertSame([], glob($this->folder.'/kitchen-before-*') ?: []);
    }

    public function test_copies_are_read_by_their_owner_only_and_the_doctor_says_what_wants_doing(): void
    {
        chmod($this->folder.'/kitchen.sqlite', 0644);
        [$code, $said] = $this->artisan('mill:doctor');
        self::assertSame(1, $code);
        self::assertMatchesRegularExpression('~WANTS Rights of the kitchen +644\s+chmod 600 ~', $said);
        self::assertStringContainsString('bin/mill backup', $said);
        self::assertSame(0, $this->artisan('mill:backup', $this->folder.'/copy.sqlite')[0]);
        self::assertSame(0600, fileperms($this->folder.'/copy.sqlite') & 0777);
        self::assertMatchesRegularExpression('/well  Last copy +0 days old/', $this->artisan('mill:doctor')[1]);
        unlink($this->folder.'/copy.sqlite');
        self::assertMatchesRegularExpression('/WANTS Last copy +none/', $this->artisan('mill:doctor')[1]);
        // The copy of the night, in the folder of its own.
        self::assertSame(0, $this->artisan('mill:backup')[0]);
        self::assertMatchesRegularExpression('/well  Last copy +0 days old/', $this->artisan('mill:doctor')[1]);
    }

    public function test_the_command_works_on_the_kitchen_that_is_named_from_wherever_the_cook_stands(): void
    {
        $this->sql("INSERT INTO kitchens (name) VALUES ('named')");
        foreach ([['backup', 'copy.sqlite'], ['restore', 'copy.sqlite']] as $words) {
            [$code, $said] = self::runs([self::ROOT.'/bin/mill', ...$words], $this->folder, ['MILL_DATABASE' => 'kitchen.sqlite']);
            self::assertStringContainsString($this->folder.'/kitchen.sqlite', $said);
            self::assertSame(0, $code);
        }
        self::assertSame('named', $this->sql('SELECT name FROM kitchens', $this->folder.'/copy.sqlite'));
    }

    public function test_a_folder_of_copies_is_named_from_where_the_cook_stands_and_never_lies_where_browsers_look(): void
    {
        self::assertSame(0, self::runs([self::ROOT.'/bin/mill', 'backup'], $this->folder, ['MILL_DATABASE' => 'kitchen.sqlite', 'MILL_COPIES' => 'dated'])[0]);
        $dated = glob($this->folder.'/dated/*') ?: [];
        self::assertCount(1, $dated);
        self::assertStringStartsWith($this->folder.'/dated/kitchen-', $dated[0]);
        unlink($dated[0]);
        rmdir($this->folder.'/dated');
        // A server stands in the folder that browsers see.
        $asks = 'require "../vendor/autoload.php"; (require "../bootstrap/app.php")->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap(); echo config("mill.copies");';
        self::assertSame([0, dirname(__DIR__, 2).'/dated', ''], self::runs([PHP_BINARY, '-r', $asks], self::ROOT.'/public', ['MILL_COPIES' => 'dated', 'APP_CONFIG_CACHE' => $this->folder.'/none.php']));
    }

    /** @return array{int, string} exit code and output */
    private function artisan(string ...$arguments): array
    {
        [$code, $output, $error] = self::runs([PHP_BINARY, 'artisan', ...array_values($arguments)], self::ROOT, ['MILL_DATABASE' => $this->folder.'/kitchen.sqlite', 'MILL_COPIES' => $this->folder.'/copies']);

        return [$code, $output.$error];
    }

    /**
     * @param list<string> $words
     * @param array<string, string> $more of its environment
     * @return array{int, string, string} exit code, output and complaints
     */
    private static function runs(array $words, string $from, array $more): array
    {
        $process = proc_open($words, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $from, [...getenv(), ...$more]);
        self::assertIsResource($process);
        $output = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $output, $error];
    }

    private function sql(string $statement, ?string $file = null): string
    {
        $database = new \PDO('sqlite:'.($file ?? $this->folder.'/kitchen.sqlite'));
        if (! str_starts_with($statement, 'SELECT')) {
            $database->exec($statement);

            return '';
        }
        $result = $database->query($statement);

        return $result === false ? '' : (string) $result->fetchColumn();
    }
}
