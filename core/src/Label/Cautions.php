<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\School\Stage;

/**
 * The shipped cautions and the rule which of them a batch shows.
 *
 * @phpstan-type CautionRow array{id: string, stage: string, when: string, text: string}
 */
final readonly class Cautions
{
    /** @param list<Caution> $cautions */
    private function __construct(private array $cautions)
    {
    }

    /** @param list<CautionRow> $rows */
    public static function read(array $rows): self
    {
        return new self(array_map(
            static fn (array $row): Caution => new Caution($row['id'], Stage::from($row['stage']), Hazard::from($row['when']), $row['text']),
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
