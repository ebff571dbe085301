<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What went wrong in a batch stands in its log, with the cause that was acted on. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE batch_events ADD COLUMN symptom TEXT;
            ALTER TABLE batch_events ADD COLUMN cause TEXT;
            CREATE INDEX batch_events_faults ON batch_events (batch_id, symptom) WHERE symptom IS NOT NULL;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            DROP INDEX batch_events_faults;
            ALTER TABLE batch_events DROP COLUMN cause;
            ALTER TABLE batch_events DROP COLUMN symptom;
            SQL);
    }
};
