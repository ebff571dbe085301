<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Each bread has a picture by its own plan, told from its newest version. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared('ALTER TABLE formulas ADD COLUMN portrait TEXT CHECK (portrait IS NULL OR json_valid(portrait));');
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE formulas DROP COLUMN portrait;');
    }
};
