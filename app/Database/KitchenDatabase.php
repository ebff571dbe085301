<?php

declare(strict_types=1);

namespace App\Database;

use App\Database\Exception\KitchenBusy;
use Closure;
use PDO;
use PDOException;
use StoneMill\Exchange\Row;

/** One database file with its write-ahead log beside it. Nothing here goes through the framework's connection. */
final readonly class KitchenDatabase
{
    private const TABLES = ['kitchens', 'batches', 'batch_events', 'migrations'];

    /** Those without which nobody gets in, and which stay small however long a kitchen is used. */
    private const SMALL_TABLES = ['kitchens', 'users', 'formulas', 'formula_revisions', 'lots', 'gear', 'migrations'];

    /** How every SQLite 3 file begins. */
    private const MAGIC = "SQLite format 3\0";

    private const BESIDE = ['-wal', '-shm', '-journal'];

    private const BUSY_MILLISECONDS = 5000;

    public function __construct(public string $path)
    {
    }

    /** Whether it is no file at all, but lives as long as whoever opened it. */
    public function isMemory(): bool
    {
        return $this->path === ':memory:';
    }

    /**
     * The condition of the file by all that is in it, which takes the longer the more is in it.
     *
     * @param list<string> $migrations that this Stone Mill knows
     */
    public function condition(array $migrations): FileCondition
    {
        return $this->look($migrations, fn (PDO $file): bool => $this->one($file, 'PRAGMA quick_check') === 'ok');
    }

    /**
     * The condition by its length, its tables' names and what is in the small ones: as quick in an old kitchen as in a new one.
     *
     * @param list<string> $migrations that this Stone Mill knows
     */
    public function firstLook(array $migrations): FileCondition
    {
        return $this->look($migrations, function (PDO $file): bool {
            foreach (self::SMALL_TABLES as $table) {
                $isThere = $this->one($file, "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name = '$table'") === 1;
                if ($isThere && $this->one($file, "PRAGMA quick_check('$table')") !== 'ok') {
                    return false;
                }
            }

            return ! $this->isCut();
        });
    }

    /**
     * @param list<string> $migrations
     * @param Closure(PDO): bool $isSound
     */
    private function look(array $migrations, Closure $isSound): FileCondition
    {
        if (! is_file($this->path)) {
            return FileCondition::Missing;
        }
        if (filesize($this->path) === 0) {
            return FileCondition::Empty;
        }
        // SQLite drops the log of a file that it does not know for its own; what is in it may be all that can be saved.
        if (file_get_contents($this->path, length: strlen(self::MAGIC)) !== self::MAGIC) {
            return FileCondition::Broken;
        }
        try {
            $file = $this->open();
            if (! $isSound($file)) {
                return FileCondition::Broken;
            }
            $tables = $this->one($file, "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name IN ('".implode("', '", self::TABLES)."')");
            if ($tables !== count(self::TABLES)) {
                return FileCondition::Foreign;
            }

            return self::age(array_values(array_filter($this->column($file, 'SELECT migration FROM migrations'), is_string(...))), $migrations);
        } catch (PDOException) {
            return FileCondition::Broken;
        }
    }

    /**
     * Moves all that stands in the write-ahead log into the file itself, so that the file alone is the kitchen.
     *
     * @throws KitchenBusy If some other program is reading it: the log may not be dropped then.
     */
    public function gather(): void
    {
        $file = $this->open();
        $isBusy = $this->one($file, 'PRAGMA wal_checkpoint(TRUNCATE)') !== 0;
        unset($file);
        if ($isBusy) {
            throw KitchenBusy::otherProgram($this->path);
        }
        $this->dropBeside();
    }

    /** A copy at one moment, made while the file is in use; it has its name only when it is whole. */
    public function copyTo(self $target): bool
    {
        $part = $target->path.'.part';
        if (is_file($part)) {
            unlink($part);
        }
        $file = $this->open();
        $file->prepare('VACUUM INTO ?')->execute([$part]);
        chmod($part, 0600);
        self::flush($part);
        // A link never replaces what bears the name already.
        $named = @link($part, $target->path);
        unlink($part);

        return $named;
    }

    /** Takes the place of another file, which keeps its own content under the other name. Never is there no file at all. */
    public function takePlaceOf(self $old, self $kept): void
    {
        $this->gather();
        self::flush($this->path);
        $old->gather();
        link($old->path, $kept->path);
        rename($this->path, $old->path);
    }

    /** Moves the file aside whole, its log with it, so that it can still be looked into. */
    public function moveTo(self $aside): void
    {
        foreach (['', ...self::BESIDE] as $ending) {
            if (is_file($this->path.$ending)) {
                rename($this->path.$ending, $aside->path.$ending);
            }
        }
    }

    /** A name beside this one that nothing has yet, such as kitchen-before-restore-2026-03-01T12-00-00.sqlite. */
    public function beside(string $why): self
    {
        $base = (string) preg_replace('/\.sqlite$/', '', $this->path).'-'.$why.'-'.date('Y-m-d\TH-i-s');
        for ($name = $base, $number = 2; self::isTaken($name.'.sqlite'); $number++) {
            $name = $base.'-'.$number;
        }

        return new self($name.'.sqlite');
    }

    /** A log without its file brings rows of an old kitchen into a new one. */
    public function hasLogWithoutFile(): bool
    {
        return ! is_file($this->path) && is_file($this->path.'-wal');
    }

    public function delete(): void
    {
        if (is_file($this->path)) {
            unlink($this->path);
        }
        $this->dropBeside();
    }

    /** Whether nothing in the whole file is out of order; reads all of it. */
    public function isWhole(): bool
    {
        try {
            return $this->one($this->open(), 'PRAGMA integrity_check') === 'ok';
        } catch (PDOException) {
            return false;
        }
    }

    /** Whether pages are missing at the end, by the file's own count in its first hundred bytes (SQLite file format, section 1.3). */
    private function isCut(): bool
    {
        $head = (string) file_get_contents($this->path, length: 100);
        $said = Row::of([...unpack('npage', $head, 16) ?: [], ...unpack('Nchanges/Npages', $head, 24) ?: [], ...unpack('Nvalid', $head, 92) ?: []], $this->path);
        clearstatcache(true, $this->path);
        $page = $said->whole('page');

        return $said->whole('changes') === $said->whole('valid') && filesize($this->path) < $said->whole('pages') * ($page === 1 ? 65536 : $page);
    }

    private function dropBeside(): void
    {
        foreach (self::BESIDE as $ending) {
            if (is_file($this->path.$ending)) {
                unlink($this->path.$ending);
            }
        }
    }

    private static function isTaken(string $path): bool
    {
        return file_exists($path) || file_exists($path.'-wal');
    }

    private static function flush(string $path): void
    {
        $file = fopen($path, 'r+');
        if ($file !== false) {
            fsync($file);
            fclose($file);
        }
    }

    private function open(): PDO
    {
        $file = new PDO('sqlite:'.$this->path, options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $file->exec('PRAGMA busy_timeout = '.self::BUSY_MILLISECONDS);

        return $file;
    }

    private function one(PDO $file, string $question): mixed
    {
        return $this->column($file, $question)[0] ?? null;
    }

    /** @return list<mixed> */
    private function column(PDO $file, string $question): array
    {
        $answer = $file->query($question);

        return $answer === false ? [] : array_values($answer->fetchAll(PDO::FETCH_COLUMN));
    }

    /**
     * @param list<string> $run that were run on the file
     * @param list<string> $known
     */
    private static function age(array $run, array $known): FileCondition
    {
        return match (true) {
            array_diff($run, $known) !== [] => FileCondition::Newer,
            array_diff($known, $run) !== [] => FileCondition::Older,
            default => FileCondition::Sound,
        };
    }
}
