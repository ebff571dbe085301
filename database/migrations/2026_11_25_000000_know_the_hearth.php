<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Griddles are of some metal over some fire, and are calibrated at their settings; a calibration once kept never changes. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE gear ADD COLUMN version INTEGER NOT NULL DEFAULT 1 CHECK (version >= 1);
            ALTER TABLE gear ADD COLUMN metal TEXT CHECK (metal IN ('cast_iron', 'steel', 'aluminium', 'clay', 'stone'));
            ALTER TABLE gear ADD COLUMN metal_millimetres REAL CHECK (metal_millimetres > 0);
            ALTER TABLE gear ADD COLUMN burner TEXT CHECK (burner IN ('steady', 'regulated'));

            CREATE TABLE calibrations (
                id INTEGER PRIMARY KEY,
                uuid TEXT NOT NULL UNIQUE,
                gear_id INTEGER NOT NULL REFERENCES gear (id) ON DELETE CASCADE,
                setting TEXT NOT NULL CHECK (length(setting) BETWEEN 1 AND 60),
                question TEXT NOT NULL CHECK (json_valid(question)),
                answer TEXT NOT NULL CHECK (json_valid(answer)),
                taken_at TEXT NOT NULL,
                created_at TEXT
            ) STRICT;
            CREATE INDEX calibrations_gear ON calibrations (gear_id, setting);
            CREATE TRIGGER calibrations_stay BEFORE UPDATE ON calibrations BEGIN
                SELECT RAISE(ABORT, 'A calibration once kept never changes.');
            END;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            DROP TABLE calibrations;
            ALTER TABLE gear DROP COLUMN burner;
            ALTER TABLE gear DROP COLUMN metal_millimetres;
            ALTER TABLE gear DROP COLUMN metal;
            ALTER TABLE gear DROP COLUMN version;
            SQL);
    }
};
