<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Work, and what belongs to a task. */
return new class extends Migration {
    public function up(): void
    {
        $this->taskKinds();
        $this->tasks();
        $this->taskClaimants();
        $this->taskWatchers();
        $this->taskWaits();
        $this->taskLinks();
        $this->taskFiles();
        $this->comments();
        $this->requestKeys();
        $this->schedules();
        $this->timers();
        $this->customerLinks();
    }

    private function taskKinds(): void
    {
        Schema::create('task_kinds', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 60)->collation('utf8mb4_nopad_bin')->unique();
            $table->string('name');
            $table->unsignedSmallInteger('usual_minutes');
            $table->text('guide')->nullable();
            $table->unsignedSmallInteger('position')->default(0);
            // As the web form offers it, and the facts that come with it there; null: it does not.
            $table->string('form_label')->nullable();
            $table->json('form_facts')->nullable();
            // Values that tasks of it begin with, by path.
            $table->json('defaults')->default('{}');
            $table->timestamps();
        });
    }

    private function tasks(): void
    {
        Schema::create('tasks', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number');
            $table->string('title')->fulltext();
            // 20,000 characters of four bytes each.
            $table->mediumText('description')->nullable();
            $table->foreignUlid('task_kind_id')->constrained();
            $table->string('status', 20)->charset('ascii')->collation('ascii_bin');
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
            $table->dateTime('starts_at')->nullable();
            $table->dateTime('due_at')->nullable();
            $table->timestamp('arrived_at')->index();
            $table->timestamp('started_at')->nullable();
            $table->timestamp('completed_at')->nullable();
            $table->text('outcome_note')->nullable();
            // Grows with every change, so that two people do not undo each other's.
            $table->unsignedInteger('revision')->default(1);
            // The idempotency key under which it was sent, whose it is, and the hash of what was asked for.
            $table->foreignUlid('key_user_id')->nullable()->constrained('users');
            $table->string('key', 120)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->char('key_hash', 64)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->foreignUlid('last_reviewer_id')->nullable()->constrained('people')->nullOnDelete();
            // Who brought it in, and the task whose rule made it.
            $table->foreignUlid('creator_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignUlid('made_by_id')->nullable()->constrained('tasks')->nullOnDelete();
            // The rule that made it, by its id.
            $table->string('made_by_rule', 120)->nullable();
            $table->string('waiting_for', 200)->nullable();
            $table->dateTime('wakes_at')->nullable();
            // When something next happens to it by itself, but for schedules; the past where that is still to be done.
            $table->dateTime('next_moment_at')->nullable()->index();
            $table->string('resumes_as', 20)->charset('ascii')->collation('ascii_bin')->default('new');
            // The date that the due date follows, and how far from it.
            $table->json('due_follows')->nullable();
            // Title and details as they were written, with the fields that they follow.
            $table->json('text_follows')->nullable();
            $table->json('checklist')->default('[]');
            $table->unsignedInteger('comments_count')->default(0);
            $table->unsignedInteger('files_count')->default(0);
            $table->timestamps();
            $table->index(['assignee_id', 'completed_at']);
            $table->unique(['key_user_id', 'key']);
            $table->index(['reviewer_id', 'completed_at']);
            $table->index(['status', 'assignee_id', 'due_at']);
        });

        // Numbers are given by the database, beside a primary key of another column, which the builder cannot say.
        DB::statement(
            'ALTER TABLE tasks ADD UNIQUE tasks_number_unique (number), MODIFY number INT UNSIGNED NOT NULL ' .
                'AUTO_INCREMENT, AUTO_INCREMENT = 1001',
        );
    }

    /** Who may claim an open task. */
    private function taskClaimants(): void
    {
        Schema::create('task_claimants', static function (Blueprint $table): void {
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->index()->constrained()->cascadeOnDelete();
            $table->primary(['task_id', 'person_id']);
        });
    }

    private function taskWatchers(): void
    {
        Schema::create('task_watchers', static function (Blueprint $table): void {
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->index()->constrained()->cascadeOnDelete();
            $table->primary(['task_id', 'person_id']);
        });
    }

    /** Which task waits for the end of which other. */
    private function taskWaits(): void
    {
        Schema::create('task_waits', static function (Blueprint $table): void {
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('other_id')->index()->constrained('tasks')->cascadeOnDelete();
            $table->primary(['task_id', 'other_id']);
        });
    }

    /** Two rows for two tasks that go with each other. */
    private function taskLinks(): void
    {
        Schema::create('task_links', static function (Blueprint $table): void {
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('other_id')->constrained('tasks')->cascadeOnDelete();
            $table->primary(['task_id', 'other_id']);
        });
    }

    private function taskFiles(): void
    {
        Schema::create('task_files', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->foreignUlid('user_id')->nullable()->constrained();
            $table->boolean('from_customer')->default(false);
            // As whoever sent it called it, made harmless; where it lies has a name of its own.
            $table->string('name', 200);
            $table->string('type', 100);
            $table->unsignedInteger('size');
            $table->string('path', 100)->charset('ascii')->collation('ascii_bin')->unique();
            $table->timestamp('at');
            $table->index(['task_id', 'at']);
        });
    }

    private function comments(): void
    {
        Schema::create('comments', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->foreignUlid('user_id')->nullable()->constrained();
            $table->boolean('from_customer')->default(false);
            $table->text('body');
            // People who are spoken to, by id.
            $table->json('mentions');
            $table->timestamp('at');
            $table->foreignUlid('for_id')->nullable()->constrained('people');
            $table->index(['task_id', 'at']);
        });
    }

    /** What other systems have sent once; sent again under the same key it is not done again. */
    private function requestKeys(): void
    {
        Schema::create('request_keys', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('key', 120)->charset('ascii')->collation('ascii_bin');
            $table->char('hash', 64)->charset('ascii')->collation('ascii_bin');
            $table->timestamp('at')->index();
            $table->unique(['user_id', 'key']);
        });
    }

    /** How far the moments of schedules have been written as timers. */
    private function schedules(): void
    {
        Schema::create('schedules', static function (Blueprint $table): void {
            $table->char('timer', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->timestamp('through');
        });
    }

    /** Moments at which something happens to a task by itself; each fires once, ever. */
    private function timers(): void
    {
        Schema::create('timers', static function (Blueprint $table): void {
            $table->id();
            $table->char('key', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            // The timer of a rule; null: the task comes back from waiting.
            $table->char('timer', 64)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->dateTime('due_at');
            $table->timestamp('fired_at')->nullable();
            $table->index(['fired_at', 'due_at', 'id']);
            $table->index(['task_id', 'fired_at']);
        });
    }

    /** The address of whoever asked for a task, by a digest of what only they know. */
    private function customerLinks(): void
    {
        Schema::create('customer_links', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->unique()->constrained()->cascadeOnDelete();
            $table->char('secret', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->timestamp('made_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('customer_links');
        Schema::dropIfExists('timers');
        Schema::dropIfExists('schedules');
        Schema::dropIfExists('request_keys');
        Schema::dropIfExists('comments');
        Schema::dropIfExists('task_files');
        Schema::dropIfExists('task_links');
        Schema::dropIfExists('task_waits');
        Schema::dropIfExists('task_watchers');
        Schema::dropIfExists('task_claimants');
        Schema::dropIfExists('tasks');
        Schema::dropIfExists('task_kinds');
    }
};
