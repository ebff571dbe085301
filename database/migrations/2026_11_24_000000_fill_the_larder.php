<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Bags get their price and dates, kitchens their own ingredients; both carry a version against overtaken changes. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE lots ADD COLUMN version INTEGER NOT NULL DEFAULT 1 CHECK (version >= 1);
            ALTER TABLE lots ADD COLUMN bought_on TEXT;
            ALTER TABLE lots ADD COLUMN emptied_on TEXT;
            ALTER TABLE lots ADD COLUMN price_per_kilogram REAL CHECK (price_per_kilogram >= 0);
            ALTER TABLE lots ADD COLUMN bought_grams REAL CHECK (bought_grams >= 0);

            CREATE TABLE own_ingredients (
                id INTEGER PRIMARY KEY,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 5 AND 60),
                version INTEGER NOT NULL CHECK (version >= 1),
                document TEXT NOT NULL CHECK (json_valid(document)),
                created_at TEXT, updated_at TEXT,
                UNIQUE (kitchen_id, name)
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            DROP TABLE own_ingredients;
            ALTER TABLE lots DROP COLUMN bought_grams;
            ALTER TABLE lots DROP COLUMN price_per_kilogram;
            ALTER TABLE lots DROP COLUMN emptied_on;
            ALTER TABLE lots DROP COLUMN bought_on;
            ALTER TABLE lots DROP COLUMN version;
            SQL);
    }
};
