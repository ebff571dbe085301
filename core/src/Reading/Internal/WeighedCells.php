<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use DateTimeImmutable;
use DateTimeZone;
use StoneMill\Kitchen\PastEntry;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Plan\Limits;
use StoneMill\Reading\Columns;
use StoneMill\Reading\WeighedField;
use StoneMill\Record\EventKind;

/** The cells of one weighing. */
final readonly class WeighedCells
{
    private const WATER = 'water';

    private NameFinder $finder;

    private CellNumbers $numbers;

    public function __construct(private Catalogue $catalogue, ByNames $names, private Columns $columns, private DateTimeZone $zone)
    {
        $this->finder = new NameFinder($catalogue, $names);
        $this->numbers = new CellNumbers($names);
    }

    /**
     * Null where it says nothing of the bowl: pieces and faces of a batch of long ago teach nothing that its verdict does not.
     *
     * @param list<string> $row
     */
    public function entry(array $row, ?DateTimeImmutable $at, Doubts $doubts): ?PastEntry
    {
        $kind = $this->kind($row);
        if ($at === null || $kind === null || CellWords::isYes($this->columns->cell($row, WeighedField::Undone))) {
            return null;
        }
        $entry = match ($kind) {
            EventKind::Measured => new PastEntry($kind, $at, $this->ingredient($row), $this->grams($row, WeighedField::Grams)),
            EventKind::Poured => new PastEntry($kind, $at, grams: $this->water($row), celsius: $this->celsius($row, $doubts)),
            EventKind::Corrected => new PastEntry($kind, $at, waterGrams: $this->grams($row, WeighedField::Water) ?? 0.0, flourGrams: $this->grams($row, WeighedField::Flour) ?? 0.0),
            EventKind::Felt => new PastEntry($kind, $at, grade: CellWords::feel($this->feel($row), $doubts)),
            default => new PastEntry(EventKind::TemperatureTaken, $at, celsius: $this->celsius($row, $doubts)),
        };
        $said = implode(', ', array_filter($row, static fn (string $cell): bool => $cell !== ''));
        $isWhole = match ($kind) {
            EventKind::Measured => $entry->ingredient !== null && $entry->grams !== null,
            EventKind::Poured => $entry->grams !== null,
            EventKind::Corrected => $entry->waterGrams + $entry->flourGrams > 0,
            EventKind::Felt => $entry->grade !== null,
            default => $entry->celsius !== null,
        };
        if (! $isWhole) {
            $doubts->say(sprintf('Left out, since it is not clear what was weighed: %s.', mb_substr($said, 0, 120)));
        }

        return $isWhole ? $entry : null;
    }

    /** @param list<string> $row */
    public function at(array $row, Doubts $doubts): ?DateTimeImmutable
    {
        return Days::moment($this->columns->cell($row, WeighedField::At), Days::zone((string) $this->columns->head(WeighedField::At), $this->zone), $doubts);
    }

    /** @param list<string> $row */
    private function kind(array $row): ?EventKind
    {
        $what = mb_strtolower($this->columns->cell($row, WeighedField::What));
        $own = EventKind::tryFrom($what);
        if ($own !== null) {
            return in_array($own, [EventKind::Measured, EventKind::Poured, EventKind::Corrected, EventKind::Felt, EventKind::TemperatureTaken], true) ? $own : null;
        }
        $named = mb_strtolower($this->columns->cell($row, WeighedField::Ingredient).' '.$what);

        return match (true) {
            preg_match('/\b'.self::WATER.'\b/u', $named) === 1 => EventKind::Poured,
            $this->columns->cell($row, WeighedField::Grams) !== '' => EventKind::Measured,
            $this->columns->cell($row, WeighedField::Feel) !== '' => EventKind::Felt,
            $this->columns->cell($row, WeighedField::Celsius) !== '' => EventKind::TemperatureTaken,
            default => null,
        };
    }

    /** @param list<string> $row */
    private function ingredient(array $row): ?string
    {
        foreach ([WeighedField::Ingredient, WeighedField::What] as $field) {
            $said = $this->columns->cell($row, $field);
            if ($this->catalogue->has($said)) {
                return $said;
            }
            $found = $this->finder->names(Words::of($said))[0] ?? null;
            if ($found !== null && $found->isSure && count($found->meanings) === 1) {
                return $found->meanings[0];
            }
        }

        return null;
    }

    /** @param list<string> $row */
    private function grams(array $row, WeighedField $field): ?float
    {
        return self::within($this->numbers->grams($this->columns->cell($row, $field), (string) $this->columns->head($field)));
    }

    /** @param list<string> $row */
    private function water(array $row): ?float
    {
        return self::within($this->numbers->water($this->columns->cell($row, WeighedField::Grams), (string) $this->columns->head(WeighedField::Grams)));
    }

    private static function within(?float $grams): ?float
    {
        return $grams === null || $grams < 0 || $grams > Limits::MOST_GRAMS ? null : round($grams, 4);
    }

    /** @param list<string> $row */
    private function celsius(array $row, Doubts $doubts): ?float
    {
        $celsius = CellNumbers::celsius($this->columns->cell($row, WeighedField::Celsius), (string) $this->columns->head(WeighedField::Celsius), $doubts);

        return $celsius === null || $celsius < 0 || $celsius > Limits::MOST_WATER_CELSIUS ? null : $celsius;
    }

    /** @param list<string> $row */
    private function feel(array $row): string
    {
        return $this->columns->cell($row, WeighedField::Feel);
    }
}
