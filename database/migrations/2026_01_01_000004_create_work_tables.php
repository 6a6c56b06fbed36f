<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        $this->tasks();
        $this->decisions();
        $this->handoffs();
    }

    private function tasks(): void
    {
        Schema::create('tasks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->nullable();
            $table->string('title');
            $table->text('description')->nullable();
            $table->foreignUlid('task_kind_id')->constrained();
            $table->string('status', 20);
            $table->string('priority', 20);
            $table->foreignUlid('customer_id')->nullable()->constrained()->nullOnDelete();
            $table->string('contact')->nullable();
            $table->string('source', 40);
            $table->json('facts');
            $table->json('tags');
            $table->unsignedInteger('estimate_minutes')->nullable();
            $table->unsignedInteger('spent_minutes')->default(0);
            $table->unsignedInteger('remaining_minutes')->nullable();
            $table->foreignUlid('assignee_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignUlid('reviewer_id')->nullable()->constrained('people')->nullOnDelete();
            $table->timestamp('starts_at')->nullable();
            $table->timestamp('due_at')->nullable();
            $table->timestamp('arrived_at');
            $table->timestamp('started_at')->nullable();
            $table->timestamp('completed_at')->nullable();
            $table->text('outcome_note')->nullable();
            // Grows with every change, so that two people do not undo each other's.
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->index(['status', 'assignee_id', 'due_at']);
            $table->index(['assignee_id', 'completed_at']);
            $table->index('arrived_at');
        });
        DB::statement(
            'ALTER TABLE tasks ADD UNIQUE tasks_number_unique (number), MODIFY number INT UNSIGNED NOT NULL ' .
                'AUTO_INCREMENT, AUTO_INCREMENT = 1001',
        );
    }

    private function decisions(): void
    {
        // Who may claim an open task.
        Schema::create('task_claimants', function (Blueprint $table): void {
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained('people')->cascadeOnDelete();
            $table->primary(['task_id', 'person_id']);
            $table->index('person_id');
        });

        Schema::create('decisions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->string('event', 40);
            $table->timestamp('at')->index();
            $table->foreignUlid('rulebook_version_id')->nullable()->constrained();
            $table->string('outcome', 20);
            $table->string('rule', 120)->nullable();
            $table->foreignUlid('assignee_id')->nullable()->constrained('people');
            $table->json('facts');
            $table->json('trace');
            $table->timestamps();
            $table->index(['task_id', 'at']);
        });
    }

    private function handoffs(): void
    {
        Schema::create('handoffs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->foreignUlid('from_id')->nullable()->constrained('people');
            $table->foreignUlid('to_id')->nullable()->constrained('people');
            $table->string('cause', 20);
            $table->foreignUlid('decision_id')->nullable()->constrained();
            $table->foreignUlid('user_id')->nullable()->constrained();
            // The person in whose place somebody stands in, and until when that person is away.
            $table->foreignUlid('for_id')->nullable()->constrained('people');
            $table->timestamp('away_until')->nullable();
            $table->string('reason', 500)->nullable();
            $table->timestamp('at')->index();
            $table->index(['task_id', 'at']);
        });
        // The log of handoffs is append-only, for everybody.
        DB::unprepared(
            "CREATE TRIGGER handoffs_never_change BEFORE UPDATE ON handoffs FOR EACH ROW SIGNAL SQLSTATE '45000' " .
                "SET MESSAGE_TEXT = 'The handoff log is append-only.'",
        );
        DB::unprepared(
            "CREATE TRIGGER handoffs_never_go BEFORE DELETE ON handoffs FOR EACH ROW SIGNAL SQLSTATE '45000' SET " .
                "MESSAGE_TEXT = 'The handoff log is append-only.'",
        );

        Schema::create('intake_keys', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('key', 120);
            $table->char('request_hash', 64);
            $table->foreignUlid('task_id')->constrained();
            $table->timestamp('created_at');
            $table->unique(['user_id', 'key']);
        });
    }

    public function down(): void
    {
        foreach (['intake_keys', 'handoffs', 'decisions', 'task_claimants', 'tasks'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
