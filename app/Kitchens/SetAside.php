<?php

declare(strict_types=1);

namespace App\Kitchens;

use App\Models\User;
use StoneMill\Plan\LearnedKind;

/** What nobody wants used of what was learned: of a cook's hands it names the cook, by a number here and by the name on the way. */
final class SetAside
{
    private const OF_HANDS = [LearnedKind::Feel, LearnedKind::Evenness, LearnedKind::Portion, LearnedKind::Thickness, LearnedKind::Shape];

    /**
     * @param list<string> $names
     * @return list<string>
     */
    public static function byName(array $names): array
    {
        return self::with($names, static fn (string $id): ?string => ($user = User::query()->find((int) $id)) === null ? null : rawurlencode($user->name));
    }

    /**
     * @param list<string> $names
     * @return list<string>
     */
    public static function byNumber(array $names): array
    {
        return self::with($names, static fn (string $name): ?string => ($user = User::query()->where('name', rawurldecode($name))->first()) === null ? null : (string) $user->id);
    }

    /**
     * @param list<string> $names
     * @param callable(string): ?string $of
     * @return list<string> without those of cooks that nobody knows
     */
    private static function with(array $names, callable $of): array
    {
        $told = [];
        foreach ($names as $name) {
            [$kind, $subject] = [...explode(':', $name, 2), ''];
            if (in_array(LearnedKind::tryFrom($kind), self::OF_HANDS, true)) {
                $words = explode(' ', $subject, 2);
                $known = $of($words[0]);
                $known === null || $told[] = $kind.':'.implode(' ', [$known, ...array_slice($words, 1)]);
            } else {
                $told[] = $name;
            }
        }

        return $told;
    }
}
