<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A turn can say which touch of its piece it is, so that two cooks who do the same one record it once. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared('ALTER TABLE batch_events ADD COLUMN touch INTEGER CHECK (touch >= 1);');
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE batch_events DROP COLUMN touch;');
    }
};
