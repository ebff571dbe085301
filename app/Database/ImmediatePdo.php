<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;

/**
 * Takes the write lock when a transaction begins. SQLite's own default begins by reading, and cannot wait for another
 * writer once it has read; the framework asks for this only from PHP 8.4 on.
 */
final class ImmediatePdo extends PDO
{
    private bool $inTransaction = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');
        $this->inTransaction = true;

        return true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->inTransaction = false;

        return true;
    }

    /** SQLite itself has rolled back after some failures, a full disk among them; that is no failure of its own. */
    public function rollBack(): bool
    {
        $this->inTransaction = false;
        try {
            $this->exec('ROLLBACK');
        } catch (PDOException $failure) {
            if (! str_contains($failure->getMessage(), 'no transaction is active')) {
                throw $failure;
            }
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->inTransaction;
    }
}
