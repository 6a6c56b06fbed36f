<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('handoffs', static function (Blueprint $table): void {
            $table->index(['to_id', 'at']);
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->index(['reviewer_id', 'completed_at']);
        });
        // When somebody was last given something is the latest of their handoffs.
        Schema::table('people', static function (Blueprint $table): void {
            $table->dropColumn('last_assigned_at');
        });
    }

    public function down(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->timestamp('last_assigned_at')->nullable();
        });
        DB::statement('UPDATE people SET last_assigned_at = (SELECT MAX(at) FROM handoffs WHERE to_id = people.id)');
        // The foreign keys need indexes of their own before these go.
        Schema::table('handoffs', static function (Blueprint $table): void {
            $table->index('to_id');
            $table->dropIndex(['to_id', 'at']);
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->index('reviewer_id');
            $table->dropIndex(['reviewer_id', 'completed_at']);
        });
    }
};
