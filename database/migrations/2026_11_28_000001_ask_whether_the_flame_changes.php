<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Between a flame that is left alone and a thermostat stands a cook who turns it up a little. */
return new class extends Migration {
    public function up(): void
    {
        $this->allow("'steady', 'home', 'regulated'");
    }

    public function down(): void
    {
        DB::table('gear')->where('burner', 'home')->update(['burner' => 'steady']);
        $this->allow("'steady', 'regulated'");
    }

    /** SQLite changes no check of a column: it is made anew beside the old one. */
    private function allow(string $burners): void
    {
        DB::unprepared(<<<SQL
            ALTER TABLE gear ADD COLUMN over TEXT CHECK (over IN ($burners));
            UPDATE gear SET over = burner;
            ALTER TABLE gear DROP COLUMN burner;
            ALTER TABLE gear RENAME COLUMN over TO burner;
            SQL);
    }
};
