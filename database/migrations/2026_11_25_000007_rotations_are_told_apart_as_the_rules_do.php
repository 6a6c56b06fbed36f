<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('rotations', function (Blueprint $table): void {
            // By every character: in the rules "Bench" and "bench" are two.
            $table->string('name', 160)->collation('utf8mb4_nopad_bin')->change();
        });
    }

    public function down(): void
    {
        Schema::table('rotations', function (Blueprint $table): void {
            $table->string('name', 160)->collation('utf8mb4_unicode_ci')->change();
        });
    }
};
