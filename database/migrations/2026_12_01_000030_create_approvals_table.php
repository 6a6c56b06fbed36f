<?php

declare(strict_types=1);

use App\Models\Tasks\TaskKind;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Approvals of tasks and cases, and the tasks of those who answer them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('approvals', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->mediumText('details')->nullable();
            // How many have to say yes, who is asked and what they said, as a document.
            $table->json('state');
            $table->dateTime('asked_at');
            $table->foreignUlid('asked_by')->nullable()->constrained('users')->nullOnDelete();
            $table->string('rule', 120)->nullable();
            $table->dateTime('latest_at')->nullable();
            $table->string('outcome', 20)->nullable();
            $table->dateTime('settled_at')->nullable();
            $table->index(['outcome', 'latest_at']);
            $table->index(['case_id', 'asked_at']);
            $table->index(['task_id', 'asked_at']);
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            // Of somebody whose answer is wanted: the approval, its name, and the place that is theirs.
            $table->foreignUlid('approval_id')->nullable()->constrained()->nullOnDelete();
            $table->string('answers', 120)->nullable();
            $table->unsignedSmallInteger('approval_place')->nullable();
        });
        // A house that is begun later has the kind of task from its beginning.
        if (DB::table('houses')->exists()) {
            TaskKind::ofApprovals();
        }
    }

    public function down(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('approval_id');
            $table->dropColumn(['answers', 'approval_place']);
        });
        Schema::dropIfExists('approvals');
    }
};
