<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a batch weighs is taken off its bag; a bag is weighed again when somebody looks, and has a day until which it keeps. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE batch_bags ADD COLUMN grams REAL NOT NULL DEFAULT 0 CHECK (grams >= 0);
            ALTER TABLE lots ADD COLUMN best_before TEXT;
            ALTER TABLE lots ADD COLUMN weighed_grams REAL CHECK (weighed_grams >= 0);
            ALTER TABLE lots ADD COLUMN weighed_at TEXT;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE lots DROP COLUMN weighed_at;
            ALTER TABLE lots DROP COLUMN weighed_grams;
            ALTER TABLE lots DROP COLUMN best_before;
            ALTER TABLE batch_bags DROP COLUMN grams;
            SQL);
    }
};
