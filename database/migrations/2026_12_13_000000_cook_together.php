<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Several people cook in a kitchen, and one of them in several. `users.kitchen_id` is the kitchen that somebody is in now; who may be in
 * which stands in `memberships`. Of an invitation, and of a calendar that is
 * followed from outside, only the hash of its secret is kept.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE memberships (
                id INTEGER PRIMARY KEY,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                user_id INTEGER NOT NULL REFERENCES users (id) ON DELETE CASCADE,
                role TEXT NOT NULL CHECK (role IN ('owner', 'cook')),
                created_at TEXT, updated_at TEXT,
                UNIQUE (kitchen_id, user_id)
            ) STRICT;
            CREATE INDEX memberships_of_user ON memberships (user_id);
            INSERT INTO memberships (kitchen_id, user_id, role, created_at, updated_at)
                SELECT kitchen_id, id, CASE WHEN id = (SELECT min(first.id) FROM users AS first WHERE first.kitchen_id = users.kitchen_id) THEN 'owner' ELSE 'cook' END, created_at, updated_at FROM users;
            CREATE TABLE invitations (
                id INTEGER PRIMARY KEY,
                uuid TEXT NOT NULL UNIQUE,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                invited_by INTEGER REFERENCES users (id) ON DELETE SET NULL,
                role TEXT NOT NULL CHECK (role IN ('owner', 'cook')),
                secret TEXT NOT NULL UNIQUE,
                expires_at TEXT NOT NULL,
                taken_at TEXT,
                created_at TEXT, updated_at TEXT
            ) STRICT;
            CREATE INDEX invitations_of_kitchen ON invitations (kitchen_id);
            CREATE TABLE feeds (
                id INTEGER PRIMARY KEY,
                uuid TEXT NOT NULL UNIQUE,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                user_id INTEGER NOT NULL REFERENCES users (id) ON DELETE CASCADE,
                secret TEXT NOT NULL UNIQUE,
                created_at TEXT, updated_at TEXT,
                UNIQUE (kitchen_id, user_id)
            ) STRICT;
            ALTER TABLE users ADD COLUMN profile TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(profile));
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE users DROP COLUMN profile; DROP TABLE feeds; DROP TABLE invitations; DROP TABLE memberships');
    }
};
