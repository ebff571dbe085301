<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A pan bread is not folded and a thick one does not puff: of those, a verdict says nothing. */
return new class extends Migration {
    public function up(): void
    {
        $this->rebuild('pliability TEXT, puff TEXT,', 'pliability, puff');
    }

    public function down(): void
    {
        $this->rebuild('pliability TEXT NOT NULL, puff TEXT NOT NULL,', "COALESCE(pliability, 'folds'), COALESCE(puff, 'none')");
    }

    private function rebuild(string $columns, string $values): void
    {
        DB::unprepared(<<<SQL
            CREATE TABLE verdicts_new (
                id INTEGER PRIMARY KEY,
                batch_id INTEGER NOT NULL UNIQUE REFERENCES batches (id) ON DELETE CASCADE,
                $columns
                shade_first REAL NOT NULL CHECK (shade_first BETWEEN 0 AND 1),
                shade_second REAL NOT NULL CHECK (shade_second BETWEEN 0 AND 1),
                cracks TEXT NOT NULL,
                sticking TEXT NOT NULL,
                pieces_good INTEGER NOT NULL CHECK (pieces_good >= 0),
                pieces_second INTEGER NOT NULL CHECK (pieces_second >= 0),
                pieces_lost INTEGER NOT NULL CHECK (pieces_lost >= 0),
                notes TEXT,
                created_at TEXT, updated_at TEXT,
                change_id TEXT
            ) STRICT;
            INSERT INTO verdicts_new (id, batch_id, pliability, puff, shade_first, shade_second, cracks, sticking, pieces_good, pieces_second, pieces_lost, notes, created_at, updated_at, change_id)
                SELECT id, batch_id, $values, shade_first, shade_second, cracks, sticking, pieces_good, pieces_second, pieces_lost, notes, created_at, updated_at, change_id FROM verdicts;
            DROP TABLE verdicts;
            ALTER TABLE verdicts_new RENAME TO verdicts;
            SQL);
    }
};
