<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* Strict tables with checks: what the rules refuse, the file refuses too. Quantities are in SI units, named in their columns. */
return new class extends Migration {
    private const TABLES = [
        'verdicts', 'batch_events', 'batches', 'formula_revisions', 'formulas', 'gear', 'lots', 'users', 'kitchens',
    ];

    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE kitchens (
                id INTEGER PRIMARY KEY,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                created_at TEXT, updated_at TEXT
            ) STRICT;

            CREATE TABLE users (
                id INTEGER PRIMARY KEY,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                name TEXT NOT NULL UNIQUE CHECK (length(name) BETWEEN 1 AND 80),
                password TEXT NOT NULL,
                remember_token TEXT,
                created_at TEXT, updated_at TEXT
            ) STRICT;
            CREATE INDEX users_kitchen ON users (kitchen_id);

            CREATE TABLE lots (
                id INTEGER PRIMARY KEY,
                uuid TEXT NOT NULL UNIQUE,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                ingredient TEXT NOT NULL,
                label TEXT NOT NULL CHECK (length(label) BETWEEN 1 AND 80),
                certified_gluten_free INTEGER NOT NULL CHECK (certified_gluten_free IN (0, 1)),
                opened_on TEXT,
                notes TEXT,
                created_at TEXT, updated_at TEXT
            ) STRICT;
            CREATE INDEX lots_kitchen ON lots (kitchen_id, ingredient);

            CREATE TABLE gear (
                id INTEGER PRIMARY KEY,
                uuid TEXT NOT NULL UNIQUE,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                kind TEXT NOT NULL CHECK (kind IN ('griddle', 'press', 'pan', 'scale')),
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                shape TEXT CHECK (shape IN ('round', 'rectangle')),
                diameter_millimetres REAL CHECK (diameter_millimetres > 0),
                width_millimetres REAL CHECK (width_millimetres > 0),
                depth_millimetres REAL CHECK (depth_millimetres > 0),
                resolution_grams REAL CHECK (resolution_grams > 0),
                created_at TEXT, updated_at TEXT
            ) STRICT;
            CREATE INDEX gear_kitchen ON gear (kitchen_id, kind);

            CREATE TABLE formulas (
                id INTEGER PRIMARY KEY,
                uuid TEXT NOT NULL UNIQUE,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                style TEXT NOT NULL,
                created_at TEXT, updated_at TEXT
            ) STRICT;
            CREATE INDEX formulas_kitchen ON formulas (kitchen_id);

            CREATE TABLE formula_revisions (
                id INTEGER PRIMARY KEY,
                formula_id INTEGER NOT NULL REFERENCES formulas (id) ON DELETE CASCADE,
                number INTEGER NOT NULL CHECK (number >= 1),
                document TEXT NOT NULL CHECK (json_valid(document)),
                created_at TEXT,
                UNIQUE (formula_id, number)
            ) STRICT;

            CREATE TABLE batches (
                id INTEGER PRIMARY KEY,
                uuid TEXT NOT NULL UNIQUE,
                kitchen_id INTEGER NOT NULL REFERENCES kitchens (id) ON DELETE CASCADE,
                formula_revision_id INTEGER NOT NULL REFERENCES formula_revisions (id),
                version INTEGER NOT NULL CHECK (version >= 1),
                request TEXT NOT NULL CHECK (json_valid(request)),
                plan TEXT NOT NULL CHECK (json_valid(plan)),
                started_at TEXT NOT NULL,
                finished_at TEXT,
                created_at TEXT, updated_at TEXT
            ) STRICT;
            CREATE INDEX batches_kitchen ON batches (kitchen_id, started_at);

            CREATE TABLE batch_events (
                id INTEGER PRIMARY KEY,
                batch_id INTEGER NOT NULL REFERENCES batches (id) ON DELETE CASCADE,
                user_id INTEGER REFERENCES users (id) ON DELETE SET NULL,
                uuid TEXT NOT NULL,
                kind TEXT NOT NULL,
                happened_at TEXT NOT NULL,
                recorded_at TEXT NOT NULL,
                stage TEXT,
                ingredient TEXT,
                grams REAL CHECK (grams >= 0),
                water_grams REAL CHECK (water_grams >= 0),
                flour_grams REAL CHECK (flour_grams >= 0),
                celsius REAL,
                grade TEXT,
                pieces INTEGER CHECK (pieces >= 1),
                piece INTEGER CHECK (piece >= 1),
                place INTEGER CHECK (place >= 1),
                text TEXT,
                undoes TEXT,
                UNIQUE (batch_id, uuid)
            ) STRICT;

            CREATE TABLE verdicts (
                id INTEGER PRIMARY KEY,
                batch_id INTEGER NOT NULL UNIQUE REFERENCES batches (id) ON DELETE CASCADE,
                pliability TEXT NOT NULL,
                puff TEXT NOT NULL,
                shade_first REAL NOT NULL CHECK (shade_first BETWEEN 0 AND 1),
                shade_second REAL NOT NULL CHECK (shade_second BETWEEN 0 AND 1),
                cracks TEXT NOT NULL,
                sticking TEXT NOT NULL,
                pieces_good INTEGER NOT NULL CHECK (pieces_good >= 0),
                pieces_second INTEGER NOT NULL CHECK (pieces_second >= 0),
                pieces_lost INTEGER NOT NULL CHECK (pieces_lost >= 0),
                notes TEXT,
                created_at TEXT, updated_at TEXT
            ) STRICT;

            CREATE TRIGGER batch_events_are_kept BEFORE UPDATE ON batch_events
            WHEN NEW.user_id IS OLD.user_id
            BEGIN SELECT RAISE(ABORT, 'The event log is append-only.'); END;

            CREATE TRIGGER formula_revisions_are_kept BEFORE UPDATE ON formula_revisions
            BEGIN SELECT RAISE(ABORT, 'A saved revision never changes.'); END;
            SQL);
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement("DROP TABLE $table");
        }
    }
};
