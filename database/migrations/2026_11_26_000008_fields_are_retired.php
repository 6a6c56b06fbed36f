<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('fields', static function (Blueprint $table): void {
            // No longer offered; what is kept in it goes on being known.
            $table->timestamp('retired_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('fields', static fn(Blueprint $table) => $table->dropColumn('retired_at'));
    }
};
