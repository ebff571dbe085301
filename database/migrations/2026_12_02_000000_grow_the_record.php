<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * The record is found again by bread, bag, griddle, cook, day, verdict and words; what was learned can be set aside; breads, bags and tools
 * are archived and batches discarded, each to come back; a verdict keeps what it said before; batches have photos.
 * What each batch teaches is worked out anew, of griddle and hands too.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            UPDATE batches SET tally = NULL, lesson = NULL;
            ALTER TABLE batches DROP COLUMN felt_by;
            ALTER TABLE batches ADD COLUMN griddle TEXT;
            ALTER TABLE batches ADD COLUMN cooks TEXT NOT NULL DEFAULT '';
            ALTER TABLE batches ADD COLUMN words TEXT NOT NULL DEFAULT '';
            ALTER TABLE batches ADD COLUMN is_good INTEGER CHECK (is_good IN (0, 1));
            ALTER TABLE batches ADD COLUMN discarded_at TEXT;
            ALTER TABLE kitchens ADD COLUMN set_aside TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(set_aside));
            ALTER TABLE formulas ADD COLUMN archived_at TEXT;
            ALTER TABLE lots ADD COLUMN archived_at TEXT;
            ALTER TABLE lots ADD COLUMN starts_anew INTEGER NOT NULL DEFAULT 0 CHECK (starts_anew IN (0, 1));
            ALTER TABLE gear ADD COLUMN archived_at TEXT;
            ALTER TABLE batch_events ADD COLUMN diameter_mm REAL CHECK (diameter_mm > 0);

            CREATE TABLE batch_bags (
                batch_id INTEGER NOT NULL REFERENCES batches (id) ON DELETE CASCADE,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                ingredient TEXT NOT NULL,
                lot TEXT,
                is_flour INTEGER NOT NULL CHECK (is_flour IN (0, 1)),
                started_at TEXT NOT NULL
            ) STRICT;
            CREATE INDEX batch_bags_batch ON batch_bags (batch_id);
            CREATE INDEX batch_bags_ingredient ON batch_bags (kitchen_id, is_flour, ingredient, started_at, batch_id);
            CREATE INDEX batch_bags_lot ON batch_bags (kitchen_id, lot, started_at, batch_id);
            DROP INDEX batches_lessons;
            CREATE INDEX batches_lessons ON batches (id, started_at, lesson) WHERE lesson IS NOT NULL AND lesson_left_out = 0 AND discarded_at IS NULL;
            DROP INDEX batches_open;
            CREATE INDEX batches_open ON batches (kitchen_id, (finished_at IS NOT NULL), started_at, id, formula_revision_id, discarded_at, is_good, griddle, cooks, words);
            CREATE INDEX batches_revision ON batches (formula_revision_id, started_at);

            CREATE TABLE verdict_history (
                id INTEGER PRIMARY KEY,
                batch_id INTEGER NOT NULL REFERENCES batches (id) ON DELETE CASCADE,
                user_id INTEGER REFERENCES users (id) ON DELETE SET NULL,
                said_at TEXT NOT NULL,
                verdict TEXT NOT NULL CHECK (json_valid(verdict))
            ) STRICT;
            CREATE INDEX verdict_history_batch ON verdict_history (batch_id, id);

            CREATE TABLE photos (
                id INTEGER PRIMARY KEY,
                uuid TEXT NOT NULL UNIQUE,
                batch_id INTEGER NOT NULL REFERENCES batches (id) ON DELETE CASCADE,
                user_id INTEGER REFERENCES users (id) ON DELETE SET NULL,
                taken_at TEXT NOT NULL,
                width INTEGER NOT NULL CHECK (width > 0),
                height INTEGER NOT NULL CHECK (height > 0),
                bytes BLOB NOT NULL
            ) STRICT;
            CREATE INDEX photos_batch ON photos (batch_id, id);
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            DROP TABLE photos;
            DROP TABLE verdict_history;
            DROP TABLE batch_bags;
            DROP INDEX batches_lessons;
            CREATE INDEX batches_lessons ON batches (kitchen_id, started_at) WHERE lesson IS NOT NULL;
            DROP INDEX batches_revision;
            DROP INDEX batches_open;
            CREATE INDEX batches_open ON batches (kitchen_id, (finished_at IS NOT NULL), started_at, id);
            ALTER TABLE batch_events DROP COLUMN diameter_mm;
            ALTER TABLE gear DROP COLUMN archived_at;
            ALTER TABLE lots DROP COLUMN starts_anew;
            ALTER TABLE lots DROP COLUMN archived_at;
            ALTER TABLE formulas DROP COLUMN archived_at;
            ALTER TABLE kitchens DROP COLUMN set_aside;
            ALTER TABLE batches DROP COLUMN discarded_at;
            ALTER TABLE batches DROP COLUMN is_good;
            ALTER TABLE batches DROP COLUMN words;
            ALTER TABLE batches DROP COLUMN cooks;
            ALTER TABLE batches DROP COLUMN griddle;
            ALTER TABLE batches ADD COLUMN felt_by INTEGER;
            UPDATE batches SET tally = NULL, lesson = NULL;
            SQL);
    }
};
