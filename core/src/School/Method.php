<?php

declare(strict_types=1);

namespace StoneMill\School;

use StoneMill\Exchange\Node;
use StoneMill\Exchange\Row;

/** The choices that practitioners disagree on, one for each step of the work. */
final readonly class Method
{
    private const FIELDS = ['water', 'scald', 'knead', 'rest', 'measure', 'fat', 'shape', 'grease', 'turns', 'after'];

    public function __construct(
        public WaterSchool $water,
        public Scald $scald,
        public Knead $knead,
        public Rest $rest,
        public Measuring $measure,
        public Fat $fat,
        public Shaping $shape,
        public Grease $grease,
        public TurnSchool $turns,
        public After $after,
    ) {
    }

    /** Reads the named choices; the others stay as the default has them. */
    public static function read(Node $node, self $default): self
    {
        $node->object(self::FIELDS);

        return new self(
            $node->at('water')->optionalChoice(WaterSchool::class) ?? $default->water,
            $node->at('scald')->optionalChoice(Scald::class) ?? $default->scald,
            $node->at('knead')->optionalChoice(Knead::class) ?? $default->knead,
            $node->at('rest')->optionalChoice(Rest::class) ?? $default->rest,
            $node->at('measure')->optionalChoice(Measuring::class) ?? $default->measure,
            $node->at('fat')->optionalChoice(Fat::class) ?? $default->fat,
            $node->at('shape')->optionalChoice(Shaping::class) ?? $default->shape,
            $node->at('grease')->optionalChoice(Grease::class) ?? $default->grease,
            $node->at('turns')->optionalChoice(TurnSchool::class) ?? $default->turns,
            $node->at('after')->optionalChoice(After::class) ?? $default->after,
        );
    }

    public static function ofRow(Row $row): self
    {
        return new self(
            $row->choice('water', WaterSchool::class),
            $row->choice('scald', Scald::class),
            $row->choice('knead', Knead::class),
            $row->choice('rest', Rest::class),
            $row->choice('measure', Measuring::class),
            $row->choice('fat', Fat::class),
            $row->choice('shape', Shaping::class),
            $row->choice('grease', Grease::class),
            $row->choice('turns', TurnSchool::class),
            $row->choice('after', After::class),
        );
    }

    /** The same with the fat that the lines of its formula hold. */
    public function withFat(Fat $fat): self
    {
        return new self($this->water, $this->scald, $this->knead, $this->rest, $this->measure, $fat, $this->shape, $this->grease, $this->turns, $this->after);
    }

    /** @return array<string, string> the ten choices by their steps, as a request names them */
    public function choices(): array
    {
        return [
            'water' => $this->water->value,
            'scald' => $this->scald->value,
            'knead' => $this->knead->value,
            'rest' => $this->rest->value,
            'measure' => $this->measure->value,
            'fat' => $this->fat->value,
            'shape' => $this->shape->value,
            'grease' => $this->grease->value,
            'turns' => $this->turns->value,
            'after' => $this->after->value,
        ];
    }
}
