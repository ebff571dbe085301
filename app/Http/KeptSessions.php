<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use SessionHandlerInterface;

/**
 * Sessions of those who have signed in; nobody else's is kept. What a request read is only ever changed, never made again: one that
 * was under way while its cook signed out does not bring the session back. The table holds no identifier that a copy of
 * it could be signed in with.
 */
final class KeptSessions implements SessionHandlerInterface
{
    /** How old the mark of the last visit may get before it is written again: reading every second must not write every second. */
    private const SECONDS_BETWEEN_MARKS = 300;

    /** What the framework notes for pages of its own making; a change of these alone is not worth a write. */
    private const PASSING = ['_previous', '_flash'];

    /** @var array<string, array{payload: string, seen_at: int}> what was read, by identifier */
    private array $read = [];

    public function __construct(private readonly ConnectionInterface $kitchen, private readonly int $lifetimeSeconds)
    {
    }

    public function open(string $path, string $name): bool
    {
        return true;
    }

    public function close(): bool
    {
        return true;
    }

    public function read(string $id): string
    {
        $row = (array) $this->rows($id)->first(['payload', 'seen_at']);
        if (! is_string($row['payload'] ?? null) || ! is_int($row['seen_at'] ?? null) || $row['seen_at'] < time() - $this->lifetimeSeconds) {
            return '';
        }
        $this->read[$id] = ['payload' => $row['payload'], 'seen_at' => $row['seen_at']];

        return $row['payload'];
    }

    public function write(string $id, string $data): bool
    {
        $known = $this->read[$id] ?? null;
        if ($known !== null) {
            if (self::lasting($data) !== self::lasting($known['payload']) || time() - $known['seen_at'] > self::SECONDS_BETWEEN_MARKS) {
                $this->rows($id)->update(['payload' => $data, 'seen_at' => time()]);
            }
        } elseif (self::isSignedIn($data)) {
            $this->kitchen->table('sessions')->insert(['id' => self::key($id), 'payload' => $data, 'seen_at' => time()]);
        }

        return true;
    }

    public function destroy(string $id): bool
    {
        unset($this->read[$id]);
        $this->rows($id)->delete();

        return true;
    }

    /** Wherever this person is signed in, that ends. */
    public static function endAllOf(User $user): void
    {
        DB::table('sessions')->whereRaw("EXISTS (SELECT 1 FROM json_each(sessions.payload) WHERE json_each.key LIKE 'login_web_%' AND json_each.value = ?)", [$user->id])->delete();
    }

    /** Wherever else this person is signed in, that ends; here it goes on under another identifier. */
    public static function endOthersOf(User $user, Request $request): void
    {
        self::endAllOf($user);
        Auth::login($user);
        $request->session()->regenerate();
    }

    public function gc(int $max_lifetime): int
    {
        return $this->kitchen->table('sessions')->where('seen_at', '<', time() - $max_lifetime)->delete();
    }

    private function rows(string $id): Builder
    {
        return $this->kitchen->table('sessions')->where('id', self::key($id));
    }

    private static function key(string $id): string
    {
        return hash('sha256', $id);
    }

    /** @return array<array-key, mixed> */
    private static function lasting(string $data): array
    {
        $decoded = json_decode($data, true);

        return is_array($decoded) ? array_diff_key($decoded, array_flip(self::PASSING)) : [];
    }

    private static function isSignedIn(string $data): bool
    {
        return array_filter(array_keys(self::lasting($data)), static fn (int|string $name): bool => str_starts_with((string) $name, 'login_')) !== [];
    }
}
