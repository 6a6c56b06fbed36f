<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tasks that are put off or that somebody else should do, the time spent on them, and what can be taken back. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            // Somebody else should do it, with a word of whoever says so.
            $table->boolean('to_hand_on')->default(false)->index();
            $table->string('to_hand_on_note', 500)->nullable();
            // Why it is done only from starts_at on, where somebody has put it off.
            $table->string('postponed_for', 500)->nullable();
        });
        Schema::create('work_spans', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained()->cascadeOnDelete();
            $table->dateTime('begun_at');
            $table->dateTime('ended_at')->nullable();
            $table->unsignedInteger('minutes')->nullable();
            // True while it runs, otherwise null: a person works on one task at a time.
            $table->boolean('running')->nullable();
            $table->unique(['person_id', 'running']);
            $table->index(['task_id', 'running']);
        });
        // What was last done to a task by somebody, for as long as they can take it back.
        Schema::create('task_undos', static function (Blueprint $table): void {
            $table->foreignUlid('task_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            // Of the task after it: whoever has changed it since has the last word.
            $table->unsignedInteger('revision');
            $table->json('undo');
            $table->dateTime('at')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('task_undos');
        Schema::dropIfExists('work_spans');
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropColumn(['to_hand_on', 'to_hand_on_note', 'postponed_for']);
        });
    }
};
