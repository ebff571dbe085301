<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A kitchen measures with one kind of cup; a burner has a power, where somebody read it off. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE kitchens ADD COLUMN cup TEXT CHECK (cup IN ('us', 'metric'));
            ALTER TABLE gear ADD COLUMN burner_watts REAL CHECK (burner_watts > 0);
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE gear DROP COLUMN burner_watts;
            ALTER TABLE kitchens DROP COLUMN cup;
            SQL);
    }
};
