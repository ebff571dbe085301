<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Ask\Desk;
use StoneMill\Ask\Question;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Record\LogTime;

/** Tells a cook what the fault was, and keeps how the first answer went. */
final readonly class AnswerRiddle
{
    public function __construct(private Desk $desk)
    {
    }

    /**
     * @return array<string, mixed> the riddle with its outcome, and how this cook has done so far
     *
     * @throws InvalidInput If the document breaks the contract, or answers nothing.
     */
    public function __invoke(User $cook, mixed $document): array
    {
        $riddle = $this->desk->answer(Question::Riddle, $document)->json;
        $outcome = $riddle['outcome'];
        if (! is_array($outcome) || ! is_array($riddle['looks'])) {
            throw InvalidInput::at('answer', 'This is missing.', null, 'the cause that was decided for');
        }
        DB::table('riddles')->insertOrIgnore([
            'user_id' => $cook->id,
            'seed' => $riddle['seed'],
            'cause' => $outcome['cause'],
            'is_right' => $outcome['right'] === true ? 1 : 0,
            'looks' => count(array_filter($riddle['looks'], static fn (mixed $look): bool => is_array($look) && $look['told'] !== null)),
            'answered_at' => LogTime::format(new DateTimeImmutable),
        ]);

        return ['riddle' => $riddle, 'tally' => self::tally($cook)];
    }

    /** @return array{answered: int, right: int, mean_looks: float|null} */
    public static function tally(User $cook): array
    {
        $of = DB::table('riddles')->where('user_id', $cook->id);
        $answered = (clone $of)->count();
        $looks = (clone $of)->avg('looks');

        return ['answered' => $answered, 'right' => (clone $of)->where('is_right', 1)->count(), 'mean_looks' => is_numeric($looks) ? round((float) $looks, 1) : null];
    }
}
