<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** One thing varied over a few batches of one bread; and why a version of a bread was made. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE trials (
                id INTEGER PRIMARY KEY,
                uuid TEXT NOT NULL UNIQUE,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                formula_id INTEGER NOT NULL REFERENCES formulas (id) ON DELETE CASCADE,
                question TEXT NOT NULL,
                factor TEXT NOT NULL,
                levels TEXT NOT NULL CHECK (json_valid(levels)),
                judged TEXT NOT NULL,
                rounds INTEGER NOT NULL CHECK (rounds >= 1),
                seed INTEGER NOT NULL,
                is_blind INTEGER NOT NULL CHECK (is_blind IN (0, 1)),
                decided_level INTEGER CHECK (decided_level >= 0),
                decided_at TEXT,
                created_at TEXT, updated_at TEXT
            ) STRICT;
            CREATE INDEX trials_kitchen ON trials (kitchen_id, id);
            ALTER TABLE batches ADD COLUMN trial_id INTEGER REFERENCES trials (id) ON DELETE SET NULL;
            ALTER TABLE batches ADD COLUMN trial_level INTEGER CHECK (trial_level >= 0);
            CREATE INDEX batches_trial ON batches (trial_id) WHERE trial_id IS NOT NULL;
            ALTER TABLE formula_revisions ADD COLUMN reason TEXT;
            ALTER TABLE verdicts ADD COLUMN score INTEGER CHECK (score BETWEEN 0 AND 10);
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE verdicts DROP COLUMN score;
            ALTER TABLE formula_revisions DROP COLUMN reason;
            DROP INDEX batches_trial;
            ALTER TABLE batches DROP COLUMN trial_level;
            ALTER TABLE batches DROP COLUMN trial_id;
            DROP TABLE trials;
            SQL);
    }
};
