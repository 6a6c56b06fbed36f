<?php

declare(strict_types=1);

use App\Models\Access\User;
use App\Models\Tasks\Task;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * The record of an arrival is its decision: what happened, when, through whom,
 * and what came of it. It need not stand in the activity log once more.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('decisions', static function (Blueprint $table): void {
            $table->foreignUlid('user_id')->nullable()->after('at')->constrained()->restrictOnDelete();
        });
        DB::statement(
            'UPDATE decisions JOIN activity_log ON activity_log.subject_id = decisions.task_id AND ' .
                "activity_log.event = 'arrived' SET decisions.user_id = activity_log.causer_id",
        );
    }

    public function down(): void
    {
        DB::insert(
            "INSERT INTO activity_log (log_name, description, event, subject_type, subject_id, causer_type, causer_id, properties, created_at, updated_at)
            SELECT 'tasks', 'arrived', 'arrived', ?, task_id, IF(user_id IS NULL, NULL, ?), user_id, '[]', at, at FROM decisions
            WHERE event = 'task_arrives' AND NOT EXISTS (SELECT 1 FROM activity_log AS known WHERE known.subject_id = decisions.task_id AND known.event = 'arrived')",
            [Task::class, User::class],
        );
        Schema::table('decisions', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('user_id');
        });
    }
};
