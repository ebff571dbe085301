<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use StoneMill\Document\VerdictDocument;
use StoneMill\Exchange\Row;
use StoneMill\Record\Extent;
use StoneMill\Record\LogTime;
use StoneMill\Record\Pliability;
use StoneMill\Record\Puff;
use StoneMill\Record\Verdict as CoreVerdict;

/**
 * What came out of a batch.
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
 * @property list<array<string, string|int|float|bool|null>>|null $halves what was said of each half, where the dough was made in two ways
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
        SaidVerdict::query()->create(['batch_id' => $batch->id, 'user_id' => $user->id, 'said_at' => LogTime::format(new DateTimeImmutable), 'verdict' => $told]);
        $batch->load('verdict');
    }

    public function toCore(): CoreVerdict
    {
        return self::core(Row::of($this->getAttributes(), 'verdicts'), array_map(static fn (array $half): CoreVerdict => self::core(Row::of($half, 'halves'), []), $this->halves ?? []));
    }

    /** @param list<CoreVerdict> $halves */
    private static function core(Row $said, array $halves): CoreVerdict
    {
        return CoreVerdict::kept(
            $said->optionalChoice('pliability', Pliability::class),
            $said->optionalChoice('puff', Puff::class),
            $said->optionalNumber('shade_first'),
            $said->optionalNumber('shade_second'),
            $said->optionalChoice('cracks', Extent::class),
            $said->optionalChoice('sticking', Extent::class),
            $said->optionalWhole('pieces_good'),
            $said->optionalWhole('pieces_second'),
            $said->optionalWhole('pieces_lost'),
            $said->optionalText('notes'),
            $said->optionalWhole('score'),
            $halves,
            $said->optionalTruth('again'),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shade_first' => 'float', 'shade_second' => 'float', 'halves' => 'array', 'again' => 'boolean'];
    }
}
