<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A log adds up to its notes and the last reading of the metal too; what it added up to before is counted anew. */
return new class extends Migration {
    public function up(): void
    {
        DB::table('batches')->update(['tally' => null]);
    }

    public function down(): void
    {
        DB::table('batches')->update(['tally' => null]);
    }
};
