<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Some look on in a kitchen and change nothing. */
return new class extends Migration {
    private const MEMBERSHIPS = ['memberships', 'id INTEGER PRIMARY KEY, kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE, user_id INTEGER NOT NULL REFERENCES users (id) ON DELETE CASCADE, role TEXT NOT NULL CHECK (role IN (%s)), created_at TEXT, updated_at TEXT, UNIQUE (kitchen_id, user_id)', 'id, kitchen_id, user_id, %s, created_at, updated_at', 'CREATE INDEX memberships_of_user ON memberships (user_id)'];

    private const INVITATIONS = ['invitations', 'id INTEGER PRIMARY KEY, uuid TEXT NOT NULL UNIQUE, kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE, invited_by INTEGER REFERENCES users (id) ON DELETE SET NULL, role TEXT NOT NULL CHECK (role IN (%s)), secret TEXT NOT NULL UNIQUE, expires_at TEXT NOT NULL, taken_at TEXT, created_at TEXT, updated_at TEXT', 'id, uuid, kitchen_id, invited_by, %s, secret, expires_at, taken_at, created_at, updated_at', 'CREATE INDEX invitations_of_kitchen ON invitations (kitchen_id)'];

    public function up(): void
    {
        self::rebuild("'owner', 'cook', 'guest'", 'role');
    }

    /** Who looked on cooks again: an older version knows nobody who does not. */
    public function down(): void
    {
        self::rebuild("'owner', 'cook'", "CASE role WHEN 'guest' THEN 'cook' ELSE role END");
    }

    private static function rebuild(string $roles, string $role): void
    {
        foreach ([self::MEMBERSHIPS, self::INVITATIONS] as [$table, $columns, $values, $index]) {
            DB::unprepared(sprintf(
                'CREATE TABLE %1$s_new (%2$s) STRICT; INSERT INTO %1$s_new SELECT %3$s FROM %1$s; DROP TABLE %1$s; ALTER TABLE %1$s_new RENAME TO %1$s; %4$s;',
                $table, sprintf($columns, $roles), sprintf($values, $role), $index,
            ));
        }
    }
};
