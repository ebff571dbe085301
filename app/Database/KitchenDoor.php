<?php

declare(strict_types=1);

namespace App\Database;

use App\Database\Exception\KitchenBusy;

/**
 * Who is at the kitchen's file. Everybody with a connection shares it; whoever replaces the file has it alone. The gate is
 * passed on the way in: whoever waits to be alone holds it shut, so that those inside leave and nobody new comes.
 */
final class KitchenDoor
{
    private const PAUSE_MICROSECONDS = 4000;

    /** @var array<string, resource> open lock files by database, held until this process lets go */
    private array $inside = [];

    /** @var array<string, true> databases that this process has alone */
    private array $alone = [];

    public function __construct(private readonly float $patienceSeconds)
    {
    }

    /** @throws KitchenBusy If somebody has the file alone for longer than is waited. */
    public function enter(string $database): void
    {
        if (isset($this->inside[$database]) || $this->alone !== []) {
            return;
        }
        $gate = self::file($database.'.gate');
        $this->take($gate, LOCK_SH, $this->patienceSeconds);
        $room = self::file($database.'.lock');
        $this->take($room, LOCK_SH, $this->patienceSeconds);
        fclose($gate);
        $this->inside[$database] = $room;
    }

    /** To be called when no connection is open any more. */
    public function leave(): void
    {
        array_map(fclose(...), $this->inside);
        $this->inside = [];
    }

    /**
     * Does the work while no other process has a connection to the file, and none can get one.
     *
     * @template T
     *
     * @param callable(): T $work
     * @return T
     *
     * @throws KitchenBusy If others stay inside for longer than is waited.
     */
    public function alone(string $database, float $patienceSeconds, callable $work): mixed
    {
        $this->leave();
        $gate = self::file($database.'.gate');
        $room = self::file($database.'.lock');
        $this->take($gate, LOCK_EX, $patienceSeconds);
        $this->take($room, LOCK_EX, $patienceSeconds);
        $this->alone[$database] = true;
        try {
            return $work();
        } finally {
            unset($this->alone[$database]);
            fclose($room);
            fclose($gate);
        }
    }

    /** @return resource */
    private static function file(string $path)
    {
        $file = @fopen($path, 'c');
        if ($file === false) {
            throw KitchenBusy::cannotBeOpened($path);
        }
        // Only the owner of the kitchen has anything to do at its door.
        @chmod($path, 0600);

        return $file;
    }

    /**
     * @param resource $file
     * @param LOCK_SH|LOCK_EX $how
     */
    private function take($file, int $how, float $patienceSeconds): void
    {
        $until = microtime(true) + $patienceSeconds;
        while (! flock($file, $how | LOCK_NB)) {
            if (microtime(true) > $until) {
                throw KitchenBusy::after($patienceSeconds);
            }
            usleep(self::PAUSE_MICROSECONDS);
        }
    }
}
