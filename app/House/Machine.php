<?php

declare(strict_types=1);

namespace App\House;

use App\Database\Copies;
use App\Database\Copy;
use App\Database\FileCondition;
use App\Database\KitchenDatabase;
use App\Database\KitchenKeeper;
use PDO;
use Throwable;

/** The machine and the kitchen's file, looked over. */
final readonly class Machine
{
    private const LEAST_FREE_MEGABYTES = 500;

    private const OLDEST_COPY_DAYS = 7;

    /** A clock this far behind the newest entry was set wrong at one of the two times. */
    private const CLOCK_SECONDS = 300;

    private const LEAST_PHP = '8.2.0';

    private const LEAST_SQLITE = '3.37';

    /** @var array<string, string> Debian's package of each that is needed */
    private const EXTENSIONS = [
        'pdo_sqlite' => 'php8.2-sqlite3', 'curl' => 'php8.2-curl', 'dom' => 'php8.2-xml', 'zip' => 'php8.2-zip',
        'mbstring' => 'php8.2-mbstring', 'Zend OPcache' => 'php8.2-opcache',
    ];

    public function __construct(private KitchenKeeper $keeper)
    {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return [...$this->versions(), ...$this->rights(), ...$this->disk(), ...$this->database()];
    }

    /** @return list<Finding> */
    private function versions(): array
    {
        $sqlite = (new PDO('sqlite::memory:'))->getAttribute(PDO::ATTR_SERVER_VERSION);
        $missing = array_filter(array_keys(self::EXTENSIONS), static fn (string $name): bool => ! extension_loaded($name));

        return [
            new Finding('PHP', PHP_VERSION, version_compare(PHP_VERSION, self::LEAST_PHP, '>=') ? '' : sprintf('Install PHP %s or newer.', self::LEAST_PHP)),
            new Finding('SQLite', is_string($sqlite) ? $sqlite : 'unknown', is_string($sqlite) && version_compare($sqlite, self::LEAST_SQLITE, '>=') ? '' : sprintf('Install SQLite %s or newer: older ones know no strict tables.', self::LEAST_SQLITE)),
            new Finding('PHP extensions', $missing === [] ? 'all there' : 'without '.implode(', ', $missing), $missing === [] ? '' : 'apt-get install '.implode(' ', array_map(static fn (string $name): string => self::EXTENSIONS[$name], $missing))),
        ];
    }

    /** @return list<Finding> */
    private function rights(): array
    {
        $findings = [];
        $kitchen = $this->keeper->kitchen()->path;
        foreach (array_filter(['the kitchen' => $kitchen, 'its folder' => dirname($kitchen), '.env' => base_path('.env')], file_exists(...)) as $name => $path) {
            $rights = fileperms($path) & 0777;
            $own = fileowner($path) === posix_geteuid();
            $findings[] = new Finding("Rights of $name", sprintf('%o%s', $rights, $own ? '' : ', of another user'), match (true) {
                ! $own => sprintf('Run Stone Mill as the owner of %s.', $path),
                ($rights & 0077) !== 0 => sprintf('chmod %s %s: others on this machine can read it.', is_dir($path) ? '700' : '600', $path),
                default => '',
            });
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function disk(): array
    {
        $folder = dirname($this->keeper->kitchen()->path);
        // A folder that is still to be made will be where the nearest one above it is.
        while (! is_dir($folder) && $folder !== dirname($folder)) {
            $folder = dirname($folder);
        }
        $free = (int) floor((float) disk_free_space($folder) / 1e6);

        return [new Finding('Disk', "$free MB free", $free >= self::LEAST_FREE_MEGABYTES ? '' : sprintf('Free at least %d MB where the kitchen is: a full disk refuses every entry.', self::LEAST_FREE_MEGABYTES))];
    }

    /** @return list<Finding> */
    private function database(): array
    {
        $kitchen = $this->keeper->kitchen();
        $condition = $this->keeper->condition();
        $findings = [new Finding('Kitchen', $kitchen->path.' '.$condition->inWords(), match ($condition) {
            FileCondition::Sound => '',
            FileCondition::Older => 'Start bin/mill demo: it is brought up to date, and kept as it was beside it.',
            FileCondition::Missing => 'Start bin/mill demo, or name the right file in MILL_DATABASE.',
            FileCondition::Newer => 'Use the version that made it, or bin/mill restore a copy from before.',
            default => 'bin/mill restore COPY puts a copy back and keeps this file beside it.',
        })];

        return $condition->isUsable() ? [...$findings, ...$this->inside($kitchen)] : $findings;
    }

    /** Days since the newest copy, where the copies of the night go or beside the kitchen; null where there is none. */
    private static function daysSinceACopy(KitchenDatabase $kitchen): ?int
    {
        $beside = array_filter(glob(dirname($kitchen->path).'/*.sqlite') ?: [], static fn (string $path): bool => $path !== $kitchen->path);
        $made = [...array_map(static fn (string $path): int => (int) filemtime($path), $beside), ...array_map(static fn (Copy $copy): int => $copy->at->getTimestamp(), Copies::ofThisHouse()->all($kitchen))];

        return $made === [] ? null : (int) floor((time() - max($made)) / 86400);
    }

    /** @return list<Finding> */
    private function inside(KitchenDatabase $kitchen): array
    {
        try {
            $file = new PDO('sqlite:'.$kitchen->path);
            $ask = static fn (string $question): string => (string) ($file->query($question) ?: throw new \RuntimeException($question))->fetchColumn();
            $mode = $ask('PRAGMA journal_mode');
            $newest = strtotime($ask('SELECT max(recorded_at) FROM batch_events')) ?: 0;
            $broken = $ask('SELECT count(*) FROM pragma_foreign_key_check');
        } catch (Throwable $failure) {
            return [new Finding('Database', $failure->getMessage(), 'Close whatever else has it open, and look again.')];
        }
        $whole = $kitchen->isWhole();
        $copy = self::daysSinceACopy($kitchen);

        return [
            new Finding('Journal', $mode, $mode === 'wal' ? '' : 'Start bin/mill demo once: it turns write-ahead logging on, without which two tablets wait for each other.'),
            new Finding('Integrity', $whole ? 'nothing out of order' : 'damaged', $whole ? '' : 'bin/mill restore COPY puts a copy back and keeps this file beside it.'),
            new Finding('References', "$broken loose", $broken === '0' ? '' : 'bin/mill restore a copy, or write to whoever looks after this house.'),
            new Finding('Clock', gmdate('Y-m-d H:i:s').' UTC', $newest <= time() + self::CLOCK_SECONDS ? '' : sprintf('The newest entry is of %s UTC: set this machine\'s clock.', gmdate('Y-m-d H:i:s', $newest))),
            new Finding('Last copy', $copy === null ? 'none' : "$copy days old", $copy !== null && $copy <= self::OLDEST_COPY_DAYS ? '' : sprintf('bin/mill backup %s/copy-%s.sqlite', dirname($kitchen->path), date('Y-m-d'))),
        ];
    }
}
