<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use DateTimeZone;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Reading\Internal\BreadNames;
use StoneMill\Reading\Internal\Doubts;
use StoneMill\Reading\Internal\Keys;
use StoneMill\Reading\Internal\MadeCells;
use StoneMill\Reading\Internal\WeighedCells;
use StoneMill\Reading\Internal\WeighedGroup;

/**
 * A cook's own record, and the list of weighings beside it where one was kept, as batches: each row of the record is one, with what was weighed
 * for it; weighings that no row of the record knows are batches by themselves.
 */
final readonly class PastRows
{
    public const MOST_BATCHES = 500;

    public const MOST_WEIGHINGS = 5000;

    private BreadNames $breads;

    /** @param array<string, string> $breads of the kitchen: names by their identifiers */
    public function __construct(private Catalogue $catalogue, private ByNames $names, array $breads, private DateTimeZone $zone, private bool $goodWasReady)
    {
        $this->breads = new BreadNames($breads);
    }

    /** @return list<ReadPast> in the order of the record; what only weighings tell of comes after it */
    public function of(?MappedSheet $made, ?MappedSheet $weighed): array
    {
        $groups = $weighed === null ? [] : $this->groups($weighed);
        $keys = new Keys;
        $read = [];
        [$rows, $columns] = $made === null ? [[], new Columns([], [])] : [$made->sheet->rows, $made->columns];
        foreach ($rows as $index => $row) {
            $doubts = new Doubts;
            $said = $columns->cell($row, MadeField::Bread);
            [$bread, $choices] = $this->breads->find($said, $doubts);
            $cells = new MadeCells($this->names, $columns, $this->zone, $this->goodWasReady);
            $at = $cells->at($row, $doubts);
            $name = $columns->cell($row, MadeField::Batch);
            $of = array_filter($groups, static fn (WeighedGroup $group): bool => $group->isOf($name, $at, $said));
            $groups = array_diff_key($groups, $of);
            array_map($doubts->say(...), array_merge(...array_values(array_map(static fn (WeighedGroup $group): array => $group->doubts, $of))));
            $entries = array_merge(...array_values(array_map(static fn (WeighedGroup $group): array => $group->entries, $of)));
            $read[] = new ReadPast($index + 1, $bread, $said, $cells->batch($row, $keys->next($name, implode('|', $row)), $at, $entries, $doubts), $doubts->all(), $choices);
        }

        return [...$read, ...array_map(fn (WeighedGroup $group): ReadPast => $this->weighedAlone($group, $keys), array_values($groups))];
    }

    private function weighedAlone(WeighedGroup $group, Keys $keys): ReadPast
    {
        $doubts = new Doubts;
        [$bread, $choices] = $this->breads->find($group->bread, $doubts);
        array_map($doubts->say(...), $group->doubts);
        $cells = new MadeCells($this->names, new Columns([], []), $this->zone, false);

        return new ReadPast(
            0,
            $bread,
            $group->bread === '' ? $group->name : $group->bread,
            $cells->batch([], $keys->next($group->name, "$group->day|$group->bread"), $group->at(), $group->entries, $doubts),
            $doubts->all(),
            $choices,
        );
    }

    /** @return array<string, WeighedGroup> */
    private function groups(MappedSheet $weighed): array
    {
        $columns = $weighed->columns;
        $cells = new WeighedCells($this->catalogue, $this->names, $columns, $this->zone);
        $groups = [];
        foreach ($weighed->sheet->rows as $row) {
            $doubts = new Doubts;
            $at = $cells->at($row, $doubts);
            $entry = $cells->entry($row, $at, $doubts);
            if ($entry === null && $doubts->all() === []) {
                continue;
            }
            $group = new WeighedGroup($columns->cell($row, WeighedField::Batch), $at?->format('Y-m-d') ?? '', $columns->cell($row, WeighedField::Bread));
            $groups[$group->id()] = ($groups[$group->id()] ?? $group)->with($entry, $doubts);
        }

        return $groups;
    }
}
