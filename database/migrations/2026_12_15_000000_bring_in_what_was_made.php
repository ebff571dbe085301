<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Of a batch that was made before the house was there, a cook's own sheet tells only a part; whether it was good it may say in so many words. And
 * whoever was shown out by mistake can be let in again.
 */
return new class extends Migration {
    private const TOLD = ['shade_first', 'shade_second', 'cracks', 'sticking', 'pieces_good', 'pieces_second', 'pieces_lost'];

    public function up(): void
    {
        self::rebuild('', implode(', ', self::TOLD), ', again INTEGER CHECK (again IN (0, 1))');
        DB::unprepared('ALTER TABLE batches ADD COLUMN sheet_key TEXT;');
        DB::unprepared(<<<'SQL'
            CREATE TABLE former_memberships (
                id INTEGER PRIMARY KEY,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                user_id INTEGER NOT NULL REFERENCES users (id) ON DELETE CASCADE,
                role TEXT NOT NULL CHECK (role IN ('owner', 'cook', 'guest')),
                created_at TEXT, updated_at TEXT,
                UNIQUE (kitchen_id, user_id)
            ) STRICT;
            SQL);
    }

    /** An older version knows a verdict only as a whole: one that is told in part goes. */
    public function down(): void
    {
        DB::unprepared('DELETE FROM verdicts WHERE '.implode(' OR ', array_map(static fn (string $column): string => "$column IS NULL", self::TOLD)).';');
        DB::unprepared('DROP TABLE former_memberships; ALTER TABLE batches DROP COLUMN sheet_key;');
        self::rebuild('NOT NULL', implode(', ', self::TOLD), '');
    }

    private static function rebuild(string $told, string $values, string $more): void
    {
        DB::unprepared(<<<SQL
            CREATE TABLE verdicts_new (
                id INTEGER PRIMARY KEY,
                batch_id INTEGER NOT NULL UNIQUE REFERENCES batches (id) ON DELETE CASCADE,
                pliability TEXT, puff TEXT,
                shade_first REAL $told CHECK (shade_first BETWEEN 0 AND 1),
                shade_second REAL $told CHECK (shade_second BETWEEN 0 AND 1),
                cracks TEXT $told,
                sticking TEXT $told,
                pieces_good INTEGER $told CHECK (pieces_good >= 0),
                pieces_second INTEGER $told CHECK (pieces_second >= 0),
                pieces_lost INTEGER $told CHECK (pieces_lost >= 0),
                notes TEXT,
                created_at TEXT, updated_at TEXT,
                change_id TEXT,
                score INTEGER CHECK (score BETWEEN 0 AND 10),
                halves TEXT CHECK (halves IS NULL OR json_valid(halves))
                $more
            ) STRICT;
            INSERT INTO verdicts_new (id, batch_id, pliability, puff, $values, notes, created_at, updated_at, change_id, score, halves)
                SELECT id, batch_id, pliability, puff, $values, notes, created_at, updated_at, change_id, score, halves FROM verdicts;
            DROP TABLE verdicts;
            ALTER TABLE verdicts_new RENAME TO verdicts;
            SQL);
    }
};
