<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What a list shows of a batch stands beside it, and what its log adds up to: neither is worked out again for every look.
 * Whatever a client sends has the client's own identifier. Sessions live here, of those who have signed in.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE batches ADD COLUMN tally TEXT CHECK (tally IS NULL OR json_valid(tally));
            ALTER TABLE batches ADD COLUMN event_count INTEGER NOT NULL DEFAULT 0 CHECK (event_count >= 0);
            ALTER TABLE batches ADD COLUMN shape TEXT;
            ALTER TABLE batches ADD COLUMN summary TEXT CHECK (summary IS NULL OR json_valid(summary));
            ALTER TABLE batches ADD COLUMN change_id TEXT;
            ALTER TABLE batches ADD COLUMN plan_format INTEGER NOT NULL DEFAULT 1 CHECK (plan_format >= 1);
            ALTER TABLE verdicts ADD COLUMN change_id TEXT;
            ALTER TABLE formula_revisions ADD COLUMN uuid TEXT;

            CREATE UNIQUE INDEX formula_revisions_sent ON formula_revisions (formula_id, uuid);
            DROP INDEX batches_kitchen;
            CREATE INDEX batches_open ON batches (kitchen_id, (finished_at IS NOT NULL), started_at, id);
            CREATE INDEX batches_shape ON batches (kitchen_id, shape, started_at);

            CREATE TABLE sessions (
                id TEXT PRIMARY KEY,
                payload TEXT NOT NULL,
                seen_at INTEGER NOT NULL
            ) STRICT, WITHOUT ROWID;
            CREATE INDEX sessions_seen ON sessions (seen_at);
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            DROP TABLE sessions;
            DROP INDEX batches_shape;
            DROP INDEX batches_open;
            CREATE INDEX batches_kitchen ON batches (kitchen_id, started_at);
            DROP INDEX formula_revisions_sent;
            ALTER TABLE formula_revisions DROP COLUMN uuid;
            ALTER TABLE verdicts DROP COLUMN change_id;
            ALTER TABLE batches DROP COLUMN plan_format;
            ALTER TABLE batches DROP COLUMN change_id;
            ALTER TABLE batches DROP COLUMN summary;
            ALTER TABLE batches DROP COLUMN shape;
            ALTER TABLE batches DROP COLUMN event_count;
            ALTER TABLE batches DROP COLUMN tally;
            SQL);
    }
};
