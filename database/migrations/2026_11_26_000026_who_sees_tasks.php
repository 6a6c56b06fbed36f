<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('houses', static function (Blueprint $table): void {
            // Whether everybody of the house sees every task, and not only those that have to do with them.
            $table->boolean('tasks_are_open')->default(false);
        });
        // Who has held a task is asked for by task and person, and by person alone.
        Schema::table('handoffs', static function (Blueprint $table): void {
            $table->index(['task_id', 'to_id']);
        });
    }

    public function down(): void
    {
        Schema::table('handoffs', static fn(Blueprint $table) => $table->dropIndex(['task_id', 'to_id']));
        Schema::table('houses', static fn(Blueprint $table) => $table->dropColumn('tasks_are_open'));
    }
};
