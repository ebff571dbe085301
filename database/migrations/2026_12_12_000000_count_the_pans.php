<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A cook has one pan of a kind, or several alike; and the spoons of a place. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("ALTER TABLE gear ADD COLUMN count INTEGER CHECK (count BETWEEN 1 AND 8); UPDATE gear SET count = 1 WHERE kind = 'pan'; ALTER TABLE kitchens ADD COLUMN spoon TEXT CHECK (spoon IN ('us', 'metric', 'au'))");
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE kitchens DROP COLUMN spoon; ALTER TABLE gear DROP COLUMN count');
    }
};
