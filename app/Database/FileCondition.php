<?php

declare(strict_types=1);

namespace App\Database;

/** What a file is to Stone Mill. */
enum FileCondition
{
    case Missing;
    /** Nothing in it: an interrupted copy, or a file made by hand. */
    case Empty;
    /** SQLite cannot read it, or finds it damaged. */
    case Broken;
    /** Sound, but of some other program. */
    case Foreign;
    /** Of a later Stone Mill: this one does not know what is in it. */
    case Newer;
    /** Of an earlier Stone Mill: it is brought up to date before it is used. */
    case Older;
    case Sound;

    public function isUsable(): bool
    {
        return $this === self::Sound || $this === self::Older;
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Missing => 'is not there',
            self::Empty => 'is empty',
            self::Broken => 'is damaged',
            self::Foreign => 'is no kitchen of Stone Mill',
            self::Newer => 'was made by a newer Stone Mill than this one',
            self::Older => 'is of an earlier Stone Mill',
            self::Sound => 'is sound',
        };
    }
}
