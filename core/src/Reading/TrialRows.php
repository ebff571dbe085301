<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Node;
use StoneMill\Reading\Internal\CellNumbers;
use StoneMill\Reading\Internal\CellWords;
use StoneMill\Trial\Level;
use StoneMill\Trial\Point;

/** Anyone's measurements as a table: a line each, what was tried and what came out, and where it was half of a dough, of which. */
final readonly class TrialRows
{
    /** As a table without heads, or with heads that nobody knows, stands: what was tried, what came out, of which dough. */
    private const IN_ORDER = [TrialField::Level, TrialField::Value, TrialField::Pair];

    /**
     * @param list<string> $trials that the table tells of
     * @param list<Level> $levels
     * @param list<Point> $points
     */
    private function __construct(public array $trials, public ?string $trial, public array $levels, public array $points)
    {
    }

    public static function mapped(Sheet $sheet, Node $said): MappedSheet
    {
        $inOrder = array_map(static fn (TrialField $field): string => $field->value, self::IN_ORDER);
        if (count($sheet->heads) > 1 && CellNumbers::number($sheet->heads[1]) !== null) {
            $sheet = $sheet->under(array_slice($inOrder, 0, count($sheet->heads)));
        }
        $columns = $sheet->columns(TrialField::cases(), $said);
        $isClear = $columns->head(TrialField::Level) !== null && $columns->head(TrialField::Value) !== null;
        if ($said->isAbsent() && ! $isClear) {
            $known = min(count($inOrder), count($sheet->heads));
            $columns = new Columns($sheet->heads, array_combine(array_slice($inOrder, 0, $known), array_slice($sheet->heads, 0, $known)));
        }

        return new MappedSheet($sheet, $columns);
    }

    /**
     * @param string|null $trial of those that the table tells of; null for the first
     *
     * @throws InvalidInput If a line has no level, or what came out is neither a number nor yes or no; the message names the line.
     */
    public static function of(MappedSheet $table, ?string $trial): self
    {
        $trials = array_values(array_unique(array_filter(array_map(static fn (array $row): string => $table->columns->cell($row, TrialField::Trial), $table->sheet->rows), static fn (string $name): bool => $name !== '')));
        $wanted = $trial ?? $trials[0] ?? null;
        $points = [];
        $names = [];
        foreach ($table->sheet->rows as $index => $row) {
            $said = $table->columns->cell($row, TrialField::Value);
            // What was not judged yet says nothing.
            if ($said === '' || ($trials !== [] && $table->columns->cell($row, TrialField::Trial) !== $wanted)) {
                continue;
            }
            $value = CellNumbers::number($said) ?? self::yesOrNo($said);
            $name = $table->columns->cell($row, TrialField::Level);
            if ($name === '' || $value === null) {
                throw InvalidInput::at('csv', sprintf('In line %d stands not something that was tried and a number.', $index + $table->sheet->firstLine), implode(',', $row), 'what was tried, and a number or yes or no');
            }
            $names[] = $name;
            $pair = $table->columns->cell($row, TrialField::Pair);
            $points[] = new Point((int) array_search($name, array_values(array_unique($names)), true), $value, $pair === '' ? null : $pair);
        }

        return new self($trials, $wanted, array_map(static fn (string $name): Level => new Level($name, CellNumbers::number($name)), array_values(array_unique($names))), $points);
    }

    private static function yesOrNo(string $said): ?float
    {
        $isYes = CellWords::yesOrNo($said);

        return $isYes === null ? null : ($isYes ? 1.0 : 0.0);
    }
}
