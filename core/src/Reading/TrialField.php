<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/** What a column of a table of measurements may say. */
enum TrialField: string implements SheetField
{
    case Trial = 'trial';
    case Level = 'level';
    case Value = 'value';
    case Pair = 'pair';

    public function inWords(): string
    {
        return match ($this) {
            self::Trial => 'Which trial',
            self::Level => 'What was tried',
            self::Value => 'What came out',
            self::Pair => 'Of which dough it was half',
        };
    }

    public function heads(): array
    {
        return match ($this) {
            self::Trial => ['question', 'trial', 'experiment', 'test'],
            self::Level => ['set to', 'level', 'variant', 'group', 'setting', 'treatment', 'tried', 'with'],
            self::Value => ['value', 'good', 'result', 'score', 'measure', 'rating', 'came out', 'points'],
            self::Pair => ['pair', 'half of', 'dough', 'block'],
        };
    }
}
