<?php

declare(strict_types=1);

namespace App\House;

/** Where a served house has what belongs to it; deploy/ is written for these places. */
final readonly class Settings
{
    public const ROOT = '/srv/stone-mill';

    public const CONFIG = '/etc/stone-mill';

    public const UNITS = '/etc/systemd/system';

    public const USER = 'mill';

    /** @param array<string, string> $environment of the units */
    private function __construct(public string $config, public array $environment)
    {
    }

    /** @return self|null null where there is no such file */
    public static function read(string $config): ?self
    {
        $file = "$config/environment";
        if (! is_readable($file)) {
            return null;
        }
        $environment = [];
        foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            if (preg_match('/^\s*([A-Z_]+)\s*=\s*(.*?)\s*$/', $line, $found) === 1) {
                $environment[$found[1]] = trim($found[2], '"\'');
            }
        }

        return new self($config, $environment);
    }

    public function of(string $name): string
    {
        return $this->environment[$name] ?? '';
    }

    /** @return list<string> the names that this house answers to */
    public function names(): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', $this->of('MILL_HOSTS')))));
    }

    public function certificate(): string
    {
        return "$this->config/tls/fullchain.pem";
    }

    public function key(): string
    {
        return "$this->config/tls/privkey.pem";
    }
}
