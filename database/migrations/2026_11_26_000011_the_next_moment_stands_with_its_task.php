<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            // When something next happens to it by itself, but for schedules; the past where that is still to be done.
            $table->timestamp('next_moment_at')->nullable()->after('wakes_at')->index();
        });
        $hanging = DB::table('timers')->whereNull('fired_at')->where('scheduled', false);
        (clone $hanging)
            ->groupBy('task_id')
            ->selectRaw('task_id, MIN(due_at) AS at')
            ->orderBy('task_id')
            ->chunk(500, static function ($rows): void {
                foreach ($rows as $row) {
                    DB::table('tasks')
                        ->where('id', $row->task_id)
                        ->update(['next_moment_at' => $row->at]);
                }
            });
        $hanging->delete();
        // What is left has happened, or a schedule has put it down.
        Schema::table('timers', static fn(Blueprint $table) => $table->dropColumn('scheduled'));
    }

    public function down(): void
    {
        Schema::table('timers', static fn(Blueprint $table) => $table->boolean('scheduled')->default(true));
        Schema::table('tasks', static fn(Blueprint $table) => $table->dropColumn('next_moment_at'));
    }
};
