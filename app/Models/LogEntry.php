<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use StoneMill\Dough\FeelGrade;
use StoneMill\Record\BatchEvent as CoreEvent;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\School\Doneness;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Stage;
use StoneMill\School\Symptom;

/**
 * One line of a batch's log. It is never changed; the database refuses it.
 *
 * @property int $id
 * @property int $batch_id
 * @property int|null $user_id
 * @property string $uuid
 * @property string $kind
 * @property string $happened_at
 * @property string $recorded_at
 * @property string|null $stage
 * @property string|null $ingredient
 * @property float|null $grams
 * @property float|null $water_grams
 * @property float|null $flour_grams
 * @property float|null $celsius
 * @property string|null $grade
 * @property int|null $pieces
 * @property int|null $piece
 * @property int|null $place
 * @property int|null $touch
 * @property string|null $text
 * @property string|null $undoes
 * @property float|null $diameter_mm
 * @property string|null $symptom
 * @property string|null $cause
 * @property string|null $extra
 * @property string|null $step
 * @property string|null $sign
 * @property float|null $growth
 */
final class LogEntry extends Model
{
    protected $table = 'batch_events';

    public $timestamps = false;

    protected $guarded = [];

    public function toCore(): CoreEvent
    {
        return new CoreEvent(
            id: $this->uuid,
            kind: EventKind::from($this->kind),
            at: new DateTimeImmutable($this->happened_at),
            stage: $this->stage === null ? null : Stage::from($this->stage),
            ingredient: $this->ingredient,
            grams: $this->grams,
            waterGrams: $this->water_grams,
            flourGrams: $this->flour_grams,
            celsius: $this->celsius,
            grade: $this->grade === null ? null : FeelGrade::from($this->grade),
            pieces: $this->pieces,
            piece: $this->piece,
            place: $this->place,
            touch: $this->touch,
            text: $this->text,
            undoes: $this->undoes,
            diameterMillimetres: $this->diameter_mm,
            symptom: $this->symptom === null ? null : Symptom::from($this->symptom),
            cause: $this->cause,
            extra: $this->extra === null ? null : ExtraPlace::from($this->extra),
            step: $this->step,
            sign: $this->sign === null ? null : Doneness::from($this->sign),
            growth: $this->growth,
            by: $this->user_id === null ? null : (string) $this->user_id,
        );
    }

    /**
     * The whole log of a batch, in order. Thousands of lines are read at once now and then, so no models are made of them.
     *
     * @return list<CoreEvent>
     */
    public static function log(int $batchId): array
    {
        $event = new self;

        return array_values(DB::table($event->getTable())->where('batch_id', $batchId)->orderBy('id')->get()
            ->map(static fn (object $row): CoreEvent => $event->setRawAttributes((array) $row)->toCore())->all());
    }

    /** @return array<string, string|int|float|null> the columns that hold a core event */
    public static function columns(CoreEvent $event): array
    {
        return [
            'uuid' => $event->id,
            'kind' => $event->kind->value,
            'happened_at' => LogTime::format($event->at),
            'stage' => $event->stage?->value,
            'ingredient' => $event->ingredient,
            'grams' => $event->grams,
            'water_grams' => $event->waterGrams,
            'flour_grams' => $event->flourGrams,
            'celsius' => $event->celsius,
            'grade' => $event->grade?->value,
            'pieces' => $event->pieces,
            'piece' => $event->piece,
            'place' => $event->place,
            'touch' => $event->touch,
            'text' => $event->text,
            'undoes' => $event->undoes,
            'diameter_mm' => $event->diameterMillimetres,
            'symptom' => $event->symptom?->value,
            'cause' => $event->cause,
            'extra' => $event->extra?->value,
            'step' => $event->step,
            'sign' => $event->sign?->value,
            'growth' => $event->growth,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['grams' => 'float', 'water_grams' => 'float', 'flour_grams' => 'float', 'celsius' => 'float', 'diameter_mm' => 'float'];
    }
}
