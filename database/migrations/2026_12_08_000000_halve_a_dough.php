<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A trial may hold two levels beside each other in one dough, and may have flours and bags for levels, which have names. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE trials ADD COLUMN in_halves INTEGER NOT NULL DEFAULT 0 CHECK (in_halves IN (0, 1));
            ALTER TABLE trials ADD COLUMN names TEXT CHECK (names IS NULL OR json_valid(names));
            ALTER TABLE verdicts ADD COLUMN halves TEXT CHECK (halves IS NULL OR json_valid(halves));
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE verdicts DROP COLUMN halves;
            ALTER TABLE trials DROP COLUMN names;
            ALTER TABLE trials DROP COLUMN in_halves;
            SQL);
    }
};
