<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Exchange\Row;

/** Seconds between pieces that were done one after the other with nothing between: off the scale, onto the griddle. */
final readonly class PaceTally
{
    /** Somebody who takes longer was doing something else. */
    private const MOST_PORTION_SECONDS = 60.0;

    private const MOST_SHAPE_SECONDS = 180.0;

    /** Two entries closer than this were typed, not worked. */
    private const LEAST_SECONDS = 2.0;

    /** Of the time from one piece laid to the next, so much is laying. */
    private const LAY_SECONDS = 4.0;

    /**
     * @param list<float> $portionSeconds
     * @param list<float> $shapeSeconds
     * @param string|null $by who portioned and laid last, where the log knows
     */
    private function __construct(public array $portionSeconds, public array $shapeSeconds, private ?EventKind $kind, private ?DateTimeImmutable $at, public ?string $by)
    {
    }

    public static function empty(): self
    {
        return new self([], [], null, null, null);
    }

    public function with(BatchEvent $event): self
    {
        $seconds = $this->at === null || $this->kind !== $event->kind ? 0.0 : LogTime::between($this->at, $event->at);

        return new self(
            $event->kind === EventKind::Portioned ? self::added($this->portionSeconds, $seconds, self::MOST_PORTION_SECONDS) : $this->portionSeconds,
            $event->kind === EventKind::Laid ? self::added($this->shapeSeconds, $seconds - self::LAY_SECONDS, self::MOST_SHAPE_SECONDS) : $this->shapeSeconds,
            $event->kind,
            $event->at,
            $event->kind === EventKind::Portioned || $event->kind === EventKind::Laid ? $event->by ?? $this->by : $this->by,
        );
    }

    /** @return array{portion: list<float>, shape: list<float>, kind: string|null, at: int|null, by: string|null} */
    public function toRow(): array
    {
        return ['portion' => $this->portionSeconds, 'shape' => $this->shapeSeconds, 'kind' => $this->kind?->value, 'at' => $this->at === null ? null : LogTime::toMilliseconds($this->at), 'by' => $this->by];
    }

    public static function ofRow(Row $row): self
    {
        return new self(
            $row->numbers('portion'),
            $row->numbers('shape'),
            $row->optionalChoice('kind', EventKind::class),
            LogTime::inRow($row, 'at'),
            $row->optionalText('by'),
        );
    }

    /**
     * @param list<float> $gaps
     * @return list<float>
     */
    private static function added(array $gaps, float $seconds, float $most): array
    {
        return $seconds >= self::LEAST_SECONDS && $seconds <= $most ? [...$gaps, $seconds] : $gaps;
    }
}
