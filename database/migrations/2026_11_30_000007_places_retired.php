<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Places that are no longer offered, while what is in them stays. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('places', static function (Blueprint $table): void {
            $table->timestamp('retired_at')->nullable();
            // By name, as a tree of many is looked through.
            $table->index(['parent_id', 'retired_at', 'name']);
            $table->index('name');
        });
    }

    public function down(): void
    {
        Schema::table('places', static function (Blueprint $table): void {
            $table->dropIndex(['name']);
            $table->dropIndex(['parent_id', 'retired_at', 'name']);
            $table->dropColumn('retired_at');
        });
    }
};
