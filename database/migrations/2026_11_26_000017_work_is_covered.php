<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('absences', static function (Blueprint $table): void {
            // What becomes of the work in hand, and what comes back.
            $table->string('held', 20)->default('falls_due')->after('kind');
            $table->string('hand_back', 20)->default('untouched')->after('held');
            // When that was done, each once.
            $table->timestamp('handed_over_at')->nullable();
            $table->timestamp('handed_back_at')->nullable()->index();
        });
        Schema::table('absence_substitutes', static function (Blueprint $table): void {
            // Criteria of the work that somebody stands in for; null: all.
            $table->json('only')->nullable();
        });
        // What was set by hand in a cover plan: who gets a task; nobody: it stays.
        Schema::create('cover_settings', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('absence_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->nullable()->constrained('people')->cascadeOnDelete();
            $table->unique(['absence_id', 'task_id']);
        });
        // Who has a task in place of whom.
        Schema::create('task_covers', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->string('seat', 20);
            $table->foreignUlid('for_id')->constrained('people')->cascadeOnDelete();
            $table->string('absence', 120);
            $table->json('via');
            $table->boolean('held');
            $table->json('touched_by');
            $table->unique(['task_id', 'seat']);
        });
        // In whose place somebody did something.
        foreach (['task_changes', 'comments'] as $log) {
            Schema::table($log, static function (Blueprint $table): void {
                $table->foreignUlid('for_id')->nullable()->constrained('people');
            });
        }
        // What somebody should know of because it was not their own doing.
        Schema::create('notices', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('person_id')->constrained('people')->cascadeOnDelete();
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->foreignUlid('other_id')->nullable()->constrained('people')->cascadeOnDelete();
            $table->timestamp('at');
            $table->timestamp('seen_at')->nullable();
            $table->index(['person_id', 'seen_at']);
        });
    }

    public function down(): void
    {
        foreach (['notices', 'task_covers', 'cover_settings'] as $table) {
            Schema::dropIfExists($table);
        }
        foreach (['task_changes', 'comments'] as $log) {
            Schema::table($log, static fn(Blueprint $table) => $table->dropConstrainedForeignId('for_id'));
        }
        Schema::table('absence_substitutes', static fn(Blueprint $table) => $table->dropColumn('only'));
        Schema::table(
            'absences',
            static fn(Blueprint $table) => $table->dropColumn([
                'held',
                'hand_back',
                'handed_over_at',
                'handed_back_at',
            ]),
        );
    }
};
