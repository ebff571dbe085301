<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** Works on files of its own, by the real commands. */
final class BackUpTest extends TestCase
{
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
        array_map(unlink(...), glob($this->folder.'/*') ?: []);
        rmdir($this->folder);
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

    public function test_what_is_no_kitchen_is_not_restored_and_no_copy_is_written_over(): void
    {
        $this->sql("INSERT INTO kitchens (name) VALUES ('here')");
        file_put_contents($this->folder.'/note.sqlite', 'not a database');
        self::assertSame(1, $this->artisan('mill:restore', $this->folder.'/note.sqlite')[0]);
        self::assertSame(1, $this->artisan('mill:backup', $this->folder.'/note.sqlite')[0]);
        self::assertSame('here', $this->sql('SELECT name FROM kitchens'));
        self::assertSame('not a database', file_get_contents($this->folder.'/note.sqlite'));
    }

    /** @return array{int, string} exit code and output */
    private function artisan(string ...$arguments): array
    {
        $process = proc_open(
            [PHP_BINARY, 'artisan', ...array_values($arguments)],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            dirname(__DIR__, 2),
            [...getenv(), 'MILL_DATABASE' => $this->folder.'/kitchen.sqlite'],
        );
        self::assertIsResource($process);
        $output = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $output];
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
