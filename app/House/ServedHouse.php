<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Support\Facades\Process;

/** What a house wants that is reached from elsewhere: its place, its names, its certificate, its servers and what they are begun by. */
final readonly class ServedHouse
{
    /** A certificate is renewed before it has only so many days left. */
    private const CERTIFICATE_DAYS = 14;

    private const ANSWER_SECONDS = 5;

    /** The name that stands in the example. */
    private const EXAMPLE = 'mill.example';

    private const UNITS = ['stone-mill-php.service', 'stone-mill-web.service', 'stone-mill-scheduler.service', 'stone-mill-scheduler.timer'];

    /** What has to be said to the units. */
    private const WANTED = ['MILL_HOSTS', 'APP_URL', 'SESSION_SECURE_COOKIE', 'MILL_DATABASE', 'MILL_COPIES', 'APP_CONFIG_CACHE', 'APP_ROUTES_CACHE', 'APP_EVENTS_CACHE', 'MILL_FACTS', 'MILL_MEMORY'];

    public function __construct(private string $config = Settings::CONFIG, private string $units = Settings::UNITS)
    {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $settings = Settings::read($this->config);

        return [
            ...$this->place(),
            ...$this->programs(),
            ...($settings === null
                ? [new Finding('Settings', "no $this->config/environment", sprintf('install -Dm644 %s/deploy/environment %s/environment, and put your own name in it.', base_path(), $this->config))]
                : [...$this->settings($settings), ...$this->certificate($settings)]),
            ...$this->unitFiles(),
            ...($settings === null ? [] : $this->answers($settings)),
        ];
    }

    /** @return list<Finding> */
    private function place(): array
    {
        $root = base_path();
        $isThere = realpath(Settings::ROOT) === realpath($root);

        return [
            new Finding('Place', $root, $isThere ? '' : sprintf('deploy/ is written for %s: move it there, or ln -s %s %s.', Settings::ROOT, $root, Settings::ROOT)),
            new Finding('User', Settings::USER, posix_getpwnam(Settings::USER) !== false ? '' : sprintf('adduser --system --group --home /var/lib/stone-mill %s; chown -R %s: %s', Settings::USER, Settings::USER, Settings::ROOT)),
        ];
    }

    /** @return list<Finding> */
    private function programs(): array
    {
        $php = PHP_MAJOR_VERSION.'.'.PHP_MINOR_VERSION;
        $there = static fn (string $program): bool => is_executable("/usr/sbin/$program");
        $brotli = is_file('/usr/lib/nginx/modules/ngx_http_brotli_filter_module.so');

        return [
            new Finding('nginx', $there('nginx') ? 'there' : 'missing', $there('nginx') ? '' : 'apt-get install nginx-light'),
            new Finding('PHP workers', $there("php-fpm$php") ? "php-fpm$php" : 'missing', $there("php-fpm$php") ? '' : "apt-get install php$php-fpm"),
            new Finding('Packing', $brotli ? 'brotli and gzip' : 'gzip; apt-get install libnginx-mod-http-brotli-filter packs smaller', ''),
        ];
    }

    /** @return list<Finding> */
    private function settings(Settings $settings): array
    {
        $missing = array_filter(self::WANTED, static fn (string $name): bool => $settings->of($name) === '');
        $names = $settings->names();
        $url = parse_url($settings->of('APP_URL'));
        $isByTls = is_array($url) && ($url['scheme'] ?? '') === 'https' && in_array($url['host'] ?? '', $names, true);
        $isSecure = $settings->of('SESSION_SECURE_COOKIE') === 'true';
        $folder = dirname($settings->of('MILL_DATABASE'));
        $file = "$settings->config/environment";

        return [
            new Finding('Settings', $missing === [] ? $file : 'without '.implode(', ', $missing), $missing === [] ? '' : "Say them in $file as deploy/environment does."),
            new Finding('Names', $names === [] ? 'none' : implode(', ', $names), $names === [] || in_array(self::EXAMPLE, $names, true) ? "Put the name under which browsers ask for this house in MILL_HOSTS in $file." : ''),
            new Finding('Address', $settings->of('APP_URL'), $isByTls ? '' : "APP_URL in $file is https:// and one of the names."),
            new Finding('Cookie', $isSecure ? 'by TLS only' : 'by plain HTTP, too', $isSecure ? '' : "SESSION_SECURE_COOKIE=true in $file."),
            new Finding('Kitchen\'s folder', $folder, is_dir($folder) ? '' : sprintf('install -d -o %s -m 700 %s', Settings::USER, $folder)),
        ];
    }

    /** @return list<Finding> */
    private function certificate(Settings $settings): array
    {
        $path = $settings->certificate();
        $remedy = sprintf('Put the certificate of %s at %s and its key at %s.', implode(' and ', $settings->names()) ?: 'the house', $path, $settings->key());
        $read = is_readable($path) ? openssl_x509_parse((string) file_get_contents($path)) : false;
        if ($read === false) {
            return [new Finding('Certificate', is_file($path) ? 'cannot be read' : 'missing', $remedy)];
        }
        $until = is_int($read['validTo_time_t'] ?? null) ? $read['validTo_time_t'] : 0;
        $days = (int) floor(($until - time()) / 86400);
        $names = $this->namesIn($read);
        $uncovered = array_filter($settings->names(), static fn (string $name): bool => ! in_array($name, $names, true) && ! in_array('*.'.explode('.', $name, 2)[1], $names, true));
        $findings = [
            new Finding('Certificate', sprintf('good for %d days', $days), $days >= self::CERTIFICATE_DAYS ? '' : 'Renew it, then systemctl reload stone-mill-web.'),
            new Finding('Certificate\'s names', implode(', ', $names), $uncovered === [] ? '' : 'It is not for '.implode(', ', $uncovered).'.'),
        ];
        if (is_readable($settings->key())) {
            $fits = openssl_x509_check_private_key((string) file_get_contents($path), (string) file_get_contents($settings->key()));
            $findings[] = new Finding('Certificate\'s key', $fits ? 'fits' : 'is of another certificate', $fits ? '' : $remedy);
        }

        return $findings;
    }

    /**
     * @param array<mixed> $certificate
     * @return list<string>
     */
    private function namesIn(array $certificate): array
    {
        $extensions = is_array($certificate['extensions'] ?? null) ? $certificate['extensions'] : [];
        preg_match_all('/DNS:([^,\s]+)/', is_string($extensions['subjectAltName'] ?? null) ? $extensions['subjectAltName'] : '', $found);

        return $found[1];
    }

    /** @return list<Finding> */
    private function unitFiles(): array
    {
        return array_map(function (string $unit): Finding {
            [$shipped, $installed] = [base_path("deploy/systemd/$unit"), "$this->units/$unit"];
            $found = match (true) {
                ! is_file($installed) => 'not installed',
                file_get_contents($installed) !== file_get_contents($shipped) => 'not as it ships',
                default => 'installed',
            };
            $begin = str_ends_with($unit, 'scheduler.service') ? '' : "; systemctl enable --now $unit";

            return new Finding($unit, $found, match ($found) {
                'installed' => '',
                'not installed' => "cp $shipped $installed; systemctl daemon-reload$begin",
                default => "diff $installed $shipped tells how; where you changed it on purpose, keep yours with systemctl edit.",
            });
        }, self::UNITS);
    }

    /** @return list<Finding> whether it answers by its own name, asked from this machine */
    private function answers(Settings $settings): array
    {
        $name = $settings->names()[0] ?? 'localhost';
        $address = rtrim($settings->of('APP_URL'), '/');
        $port = parse_url($address, PHP_URL_PORT) ?? 443;
        $ask = static fn (string ...$trust): ProcessResult => Process::timeout(2 * self::ANSWER_SECONDS)
            ->run(['curl', '--silent', '--show-error', '--max-time', (string) self::ANSWER_SECONDS, '--resolve', "$name:$port:127.0.0.1", ...array_values($trust), "$address/up"]);
        $answers = static fn (ProcessResult $asked): bool => $asked->successful() && str_contains($asked->output(), '"up":true');
        $asked = $ask('--cacert', $settings->certificate());
        // A certificate of a public authority is known to the machine, not to itself.
        $asked = $answers($asked) ? $asked : $ask();
        $isUp = $answers($asked);
        $why = trim($asked->errorOutput()) ?: mb_substr(trim($asked->output()), 0, 120);

        return [new Finding('Answers', $isUp ? "$address/up" : ($why === '' ? 'no answer' : $why), $isUp ? '' : 'journalctl -u stone-mill-php -u stone-mill-web says why.')];
    }
}
