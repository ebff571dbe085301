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
            CREATE INDEX batches_faults ON batches (kitchen_id, id) WHERE json_array_length(summary, '$.faults') > 0;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            DROP INDEX batches_faults;
            ALTER TABLE batch_events DROP COLUMN cause;
            ALTER TABLE batch_events DROP COLUMN symptom;
            SQL);
    }
};
