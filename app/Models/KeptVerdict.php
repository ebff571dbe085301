<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use StoneMill\Document\VerdictDocument;
use StoneMill\Record\Extent;
use StoneMill\Record\LogTime;
use StoneMill\Record\Pliability;
use StoneMill\Record\Puff;
use StoneMill\Record\Verdict as CoreVerdict;

/**
 * What came out of a batch.
 *
 * @phpstan-type Said array{pliability: string|null, puff: string|null, shade_first: float|null, shade_second: float|null, cracks: string|null, sticking: string|null, pieces_good: int|null, pieces_second: int|null, pieces_lost: int|null, notes: string|null, score: int|null, again?: int|bool|null}
 *
 * @property int $id
 * @property int $batch_id
 * @property string|null $pliability
 * @property string|null $puff
 * @property float|null $shade_first
 * @property float|null $shade_second
 * @property string|null $cracks
 * @property string|null $sticking
 * @property int|null $pieces_good
 * @property int|null $pieces_second
 * @property int|null $pieces_lost
 * @property string|null $notes
 * @property int|null $score from 0 to 10, of all together
 * @property bool|null $again whether its cook would make it again, where that was said in so many words
 * @property list<Said>|null $halves what was said of each half, where the dough was made in two ways
 * @property string|null $change_id the client's identifier of the last change
 */
final class KeptVerdict extends Model
{
    protected $table = 'verdicts';

    protected $guarded = [];

    /** Writes down what is said of a batch; what was said before stays beside it. */
    public static function say(Batch $batch, User $user, CoreVerdict $verdict, ?string $changeId = null): void
    {
        $told = (new VerdictDocument($verdict))->json();
        self::query()->updateOrCreate(['batch_id' => $batch->id], ['halves' => null, 'again' => null, ...$told, 'change_id' => $changeId]);
        DB::table('verdict_history')->insert(['batch_id' => $batch->id, 'user_id' => $user->id, 'said_at' => LogTime::format(new DateTimeImmutable), 'verdict' => json_encode($told, JSON_THROW_ON_ERROR)]);
        $batch->load('verdict');
    }

    public function toCore(): CoreVerdict
    {
        /** @var Said $said */
        $said = $this->getAttributes();

        return self::core($said, array_map(static fn (array $half): CoreVerdict => self::core($half, []), $this->halves ?? []));
    }

    /**
     * @param Said $said
     * @param list<CoreVerdict> $halves
     */
    private static function core(array $said, array $halves): CoreVerdict
    {
        return CoreVerdict::kept(
            $said['pliability'] === null ? null : Pliability::from($said['pliability']),
            $said['puff'] === null ? null : Puff::from($said['puff']),
            $said['shade_first'] === null ? null : (float) $said['shade_first'],
            $said['shade_second'] === null ? null : (float) $said['shade_second'],
            $said['cracks'] === null ? null : Extent::from($said['cracks']),
            $said['sticking'] === null ? null : Extent::from($said['sticking']),
            $said['pieces_good'],
            $said['pieces_second'],
            $said['pieces_lost'],
            $said['notes'],
            $said['score'],
            $halves,
            isset($said['again']) ? (bool) $said['again'] : null,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shade_first' => 'float', 'shade_second' => 'float', 'halves' => 'array', 'again' => 'boolean'];
    }
}
