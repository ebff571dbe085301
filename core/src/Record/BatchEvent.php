<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Dough\FeelGrade;
use StoneMill\Exchange\Node;
use StoneMill\Exchange\Row;
use StoneMill\Griddle\OwnTurns;
use StoneMill\Plan\Limits;
use StoneMill\School\Doneness;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Stage;
use StoneMill\School\Symptom;

/**
 * One thing that happened, with a client-made identifier, so that sending it twice records it once. A turn or lift
 * may say which touch of its piece it is meant to be, so that two cooks who do the same one record it once.
 */
final readonly class BatchEvent
{
    public const LONGEST_INGREDIENT = 60;

    private const LONGEST_CAUSE = 60;

    private const LONGEST_STEP = 20;

    public function __construct(
        public string $id,
        public EventKind $kind,
        public DateTimeImmutable $at,
        public ?Stage $stage = null,
        public ?string $ingredient = null,
        public ?float $grams = null,
        public ?float $waterGrams = null,
        public ?float $flourGrams = null,
        public ?float $celsius = null,
        public ?FeelGrade $grade = null,
        public ?int $pieces = null,
        public ?int $piece = null,
        public ?int $place = null,
        public ?int $touch = null,
        public ?string $text = null,
        public ?string $undoes = null,
        public ?float $diameterMillimetres = null,
        public ?string $by = null,
        public ?Symptom $symptom = null,
        public ?string $cause = null,
        public ?ExtraPlace $extra = null,
        public ?string $step = null,
        public ?Doneness $sign = null,
        public ?float $growth = null,
    ) {
    }

    /** The same, knowing whose hands it was. */
    public function by(string $cook): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->at,
            $this->stage,
            $this->ingredient,
            $this->grams,
            $this->waterGrams,
            $this->flourGrams,
            $this->celsius,
            $this->grade,
            $this->pieces,
            $this->piece,
            $this->place,
            $this->touch,
            $this->text,
            $this->undoes,
            $this->diameterMillimetres,
            $cook,
            $this->symptom,
            $this->cause,
            $this->extra,
            $this->step,
            $this->sign,
            $this->growth,
        );
    }

    /** Whether it is a touch of the plan; what is brushed or pressed on the side says of no touch that it was that one. */
    public function isPlannedTouch(): bool
    {
        return $this->kind->isTouch() && ($this->kind->action() === null || $this->touch !== null);
    }

    /** Reads an event from outside; what is wrong with it goes to the findings of the node. */
    public static function read(Node $node): self
    {
        $kind = $node->at('kind')->choice(EventKind::class);
        // What a kind does not carry is refused, not passed over: an undo in another's clothes would change the log unchecked.
        $node->object(['id', 'kind', 'at', ...$kind->required(), ...$kind->optional()]);
        foreach ($kind->required() as $field) {
            if ($node->at($field)->isAbsent()) {
                $node->at($field)->refuse('This is missing.', sprintf('given with every event of kind %s', $kind->value));
            }
        }

        return new self(
            id: $node->at('id')->uuid(),
            kind: $kind,
            at: LogTime::ofMilliseconds(LogTime::toMilliseconds($node->at('at')->moment())),
            stage: $node->at('stage')->optionalChoice(Stage::class),
            ingredient: $node->at('ingredient')->optionalText(self::LONGEST_INGREDIENT),
            grams: $node->at('grams')->optionalNumber(0, Limits::MOST_GRAMS, 'g'),
            waterGrams: $node->at('water_grams')->optionalNumber(0, Limits::MOST_GRAMS, 'g'),
            flourGrams: $node->at('flour_grams')->optionalNumber(0, Limits::MOST_GRAMS, 'g'),
            celsius: $node->at('celsius')->optionalNumber(-20, 400, '°C'),
            grade: $node->at('grade')->optionalChoice(FeelGrade::class),
            pieces: $node->at('pieces')->optionalInteger(1, Limits::PIECES),
            piece: $node->at('piece')->optionalInteger(1, Limits::PIECES),
            place: $node->at('place')->optionalInteger(1, Limits::PIECES),
            touch: $node->at('touch')->optionalInteger(1, OwnTurns::MOST_TOUCHES),
            text: $node->at('text')->optionalProse(2000),
            undoes: $node->at('event')->optionalUuid(),
            diameterMillimetres: $node->at('diameter_mm')->optionalNumber(10, 2 * Limits::MOST_DIAMETER_MM, 'mm'),
            symptom: $node->at('symptom')->optionalChoice(Symptom::class),
            cause: $node->at('cause')->optionalText(self::LONGEST_CAUSE),
            extra: $node->at('extra')->optionalChoice(ExtraPlace::class),
            step: $node->at('step')->optionalText(self::LONGEST_STEP),
            sign: $node->at('sign')->optionalChoice(Doneness::class),
            growth: $node->at('growth')->optionalNumber(1, Limits::MOST_GROWTH + 1, 'times its first size'),
        );
    }

    /** @return array<string, string|int|float> as the contract has it: what it does not carry is not there */
    public function toRow(): array
    {
        return array_filter([
            'id' => $this->id,
            'kind' => $this->kind->value,
            'at' => LogTime::toMilliseconds($this->at),
            'stage' => $this->stage?->value,
            'ingredient' => $this->ingredient,
            'grams' => $this->grams,
            'water_grams' => $this->waterGrams,
            'flour_grams' => $this->flourGrams,
            'celsius' => $this->celsius,
            'grade' => $this->grade?->value,
            'pieces' => $this->pieces,
            'piece' => $this->piece,
            'place' => $this->place,
            'touch' => $this->touch,
            'text' => $this->text,
            'diameter_mm' => $this->diameterMillimetres,
            'symptom' => $this->symptom?->value,
            'cause' => $this->cause,
            'extra' => $this->extra?->value,
            'step' => $this->step,
            'sign' => $this->sign?->value,
            'growth' => $this->growth,
        ], static fn (string|int|float|null $value): bool => $value !== null);
    }

    public static function ofRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            kind: $row->choice('kind', EventKind::class),
            at: LogTime::ofMilliseconds($row->whole('at')),
            stage: $row->optionalChoice('stage', Stage::class),
            ingredient: $row->optionalText('ingredient'),
            grams: $row->optionalNumber('grams'),
            waterGrams: $row->optionalNumber('water_grams'),
            flourGrams: $row->optionalNumber('flour_grams'),
            celsius: $row->optionalNumber('celsius'),
            grade: $row->optionalChoice('grade', FeelGrade::class),
            pieces: $row->optionalWhole('pieces'),
            piece: $row->optionalWhole('piece'),
            place: $row->optionalWhole('place'),
            touch: $row->optionalWhole('touch'),
            text: $row->optionalText('text'),
            diameterMillimetres: $row->optionalNumber('diameter_mm'),
            symptom: $row->optionalChoice('symptom', Symptom::class),
            cause: $row->optionalText('cause'),
            extra: $row->optionalChoice('extra', ExtraPlace::class),
            step: $row->optionalText('step'),
            sign: $row->optionalChoice('sign', Doneness::class),
            growth: $row->optionalNumber('growth'),
        );
    }
}
