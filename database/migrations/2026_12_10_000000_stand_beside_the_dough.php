<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What is no part of the dough (dusting flour, fillings, fat for the faces) is weighed too, and the log says for what; steps on the way into the dough are ticked off, and how done a face looks and how far a dough has grown is told. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared('ALTER TABLE batch_events ADD COLUMN extra TEXT; ALTER TABLE batch_events ADD COLUMN step TEXT; ALTER TABLE batch_events ADD COLUMN sign TEXT; ALTER TABLE batch_events ADD COLUMN growth REAL;');
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE batch_events DROP COLUMN growth; ALTER TABLE batch_events DROP COLUMN sign; ALTER TABLE batch_events DROP COLUMN step; ALTER TABLE batch_events DROP COLUMN extra;');
    }
};
