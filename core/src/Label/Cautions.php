<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Exchange\Row;
use StoneMill\School\Stage;

/** The shipped cautions and the rule which of them a batch shows. */
final readonly class Cautions
{
    /** @param list<Caution> $cautions */
    private function __construct(private array $cautions)
    {
    }

    /** @param list<Row> $rows */
    public static function of(array $rows): self
    {
        return new self(array_map(
            static fn (Row $row): Caution => new Caution($row->text('id'), $row->choice('stage', Stage::class), $row->choice('when', Hazard::class), $row->text('text')),
            $rows,
        ));
    }

    /**
     * @param list<Hazard> $hazards
     * @return list<Caution>
     */
    public function for(array $hazards): array
    {
        return array_values(array_filter(
            $this->cautions,
            static fn (Caution $caution): bool => $caution->when === Hazard::Always || in_array($caution->when, $hazards, true),
        ));
    }
}
