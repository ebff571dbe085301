<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What each batch says of the water its bags take stands beside it; a cook can leave a batch out, and set aside what was learned of a bag. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE batches ADD COLUMN lesson TEXT CHECK (lesson IS NULL OR json_valid(lesson));
            ALTER TABLE batches ADD COLUMN lesson_left_out INTEGER NOT NULL DEFAULT 0 CHECK (lesson_left_out IN (0, 1));
            ALTER TABLE batches ADD COLUMN felt_by INTEGER;
            ALTER TABLE lots ADD COLUMN set_aside INTEGER NOT NULL DEFAULT 0 CHECK (set_aside IN (0, 1));
            CREATE INDEX batches_lessons ON batches (kitchen_id, started_at) WHERE lesson IS NOT NULL;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            DROP INDEX batches_lessons;
            ALTER TABLE lots DROP COLUMN set_aside;
            ALTER TABLE batches DROP COLUMN felt_by;
            ALTER TABLE batches DROP COLUMN lesson_left_out;
            ALTER TABLE batches DROP COLUMN lesson;
            SQL);
    }
};
