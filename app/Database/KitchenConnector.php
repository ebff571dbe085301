<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;
use SensitiveParameter;

/** Opens the kitchen's database: at its door first, then with transactions that begin with the write lock. */
final class KitchenConnector extends SQLiteConnector
{
    public function __construct(private readonly KitchenDoor $door)
    {
    }

    /** @param array<string, mixed> $config */
    public function connect(array $config): PDO
    {
        if (is_string($config['database'] ?? null) && $config['database'] !== ':memory:') {
            $this->door->enter($config['database']);
        }

        return parent::connect($config);
    }

    /**
     * @param string $dsn
     * @param string|null $username
     * @param string|null $password
     * @param array<int, mixed> $options
     */
    protected function createPdoConnection($dsn, $username, #[SensitiveParameter] $password, $options): PDO
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
