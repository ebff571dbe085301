<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What each cook made of the riddles: the first answer counts. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE riddles (
                id INTEGER PRIMARY KEY,
                user_id INTEGER NOT NULL REFERENCES users (id) ON DELETE CASCADE,
                seed INTEGER NOT NULL,
                cause TEXT NOT NULL,
                is_right INTEGER NOT NULL CHECK (is_right IN (0, 1)),
                looks INTEGER NOT NULL CHECK (looks >= 0),
                answered_at TEXT NOT NULL,
                UNIQUE (user_id, seed)
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('DROP TABLE riddles;');
    }
};
