<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * A trace is written by the core's own format and never by hand; to have the
 * database parse it again takes half of the time of writing it, while others
 * wait for their turn.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('ALTER TABLE decisions MODIFY trace LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE decisions MODIFY trace JSON NOT NULL');
    }
};
