<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A log adds up to its last entry too, so that an undo can say what it undoes; what it added up to before is counted anew. */
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
