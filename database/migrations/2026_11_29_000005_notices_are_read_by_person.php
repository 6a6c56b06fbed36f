<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What "My page" reads, the latest first, and what is pruned. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('notices', static function (Blueprint $table): void {
            $table->index(['person_id', 'at', 'id']);
            $table->index('seen_at');
        });
    }

    public function down(): void
    {
        Schema::table('notices', static function (Blueprint $table): void {
            $table->dropIndex(['person_id', 'at', 'id']);
            $table->dropIndex(['seen_at']);
        });
    }
};
