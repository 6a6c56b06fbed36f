<?php

declare(strict_types=1);

use App\Database\Row;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * Tasks with their whole state; what changes them, with the chain that it began;
 * the moments at which something happens to them by itself.
 */
return new class extends Migration {
    public function up(): void
    {
        $this->state();
        $this->house();
        $this->changes();
        $this->talk();
        $this->clock();
        DB::table('task_kinds')->update(['defaults' => '{}']);
    }

    private function state(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->foreignUlid('last_reviewer_id')->nullable()->constrained('people')->nullOnDelete();
            // Who brought it in, and the task whose rule made it.
            $table->foreignUlid('creator_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignUlid('made_by_id')->nullable()->constrained('tasks')->nullOnDelete();
            $table->string('waiting_for', 200)->nullable();
            $table->timestamp('wakes_at')->nullable();
            $table->string('resumes_as', 20)->charset('ascii')->collation('ascii_bin')->default('new');
            // The date that the due date follows, and how far from it.
            $table->json('due_follows')->nullable();
            $table->json('checklist')->default('[]');
            $table->unsignedInteger('comments_count')->default(0);
            $table->unsignedInteger('files_count')->default(0);
        });
        Schema::create('task_watchers', static function (Blueprint $table): void {
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained('people')->cascadeOnDelete();
            $table->primary(['task_id', 'person_id']);
            $table->index('person_id');
        });
        // Which task waits for the end of which other.
        Schema::create('task_waits', static function (Blueprint $table): void {
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('other_id')->constrained('tasks')->cascadeOnDelete();
            $table->primary(['task_id', 'other_id']);
            $table->index('other_id');
        });
    }

    private function house(): void
    {
        Schema::table('houses', static function (Blueprint $table): void {
            // Grows with every change of a customer.
            $table->unsignedBigInteger('customer_revision')->default(1)->after('roster_revision');
        });
        Schema::table('customers', static function (Blueprint $table): void {
            $table->foreignUlid('owner_id')->nullable()->constrained('people')->nullOnDelete();
            $table->json('facts')->default('{}');
        });
        Schema::table('task_kinds', static function (Blueprint $table): void {
            // Values that tasks of it begin with, by path.
            $table->json('defaults')->default('{}');
        });
        Schema::create('checklists', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->unique();
            $table->string('name', 200);
            $table->json('items');
            $table->unsignedSmallInteger('position')->default(0);
            $table->timestamps();
        });
        Schema::table('rulebook_versions', static function (Blueprint $table): void {
            // Since when each of its timers has been published without a break, by the timer's id.
            $table->json('timers')->nullable()->after('fields');
        });
        foreach (
            DB::table('rulebook_versions')
                ->whereNotNull('published_at')
                ->get(['id'])
            as $row
        ) {
            DB::table('rulebook_versions')
                ->where('id', (new Row($row))->text('id'))
                ->update(['timers' => '{}']);
        }
    }

    private function changes(): void
    {
        // What one cause has altered on one task at one instant. Append-only, as decisions and handoffs are.
        Schema::create('task_changes', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->timestamp('at')->index();
            // intake, person, system, timer, follow_up
            $table->string('cause', 20)->charset('ascii')->collation('ascii_bin');
            // What was done, such as "started", or the kind of event that a timer brought about.
            $table->string('occasion', 40)->charset('ascii')->collation('ascii_bin');
            $table->foreignUlid('user_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('system', 60)->nullable();
            $table->string('reason', 500)->nullable();
            $table->json('difference');
            // Of a follow-up, the decision that it follows from.
            $table->foreignUlid('caused_by_id')->nullable()->constrained('decisions');
            $table->index(['task_id', 'at']);
        });
        Schema::table('decisions', static function (Blueprint $table): void {
            // What was decided upon; null: an arrival that came from outside.
            $table->foreignUlid('change_id')->nullable()->after('task_id')->constrained('task_changes');
        });
        Schema::create('chain_cuts', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->timestamp('at')->index();
            $table->string('reason', 20)->charset('ascii')->collation('ascii_bin');
            $table->json('rules');
            $table->foreignUlid('rulebook_version_id')->nullable()->constrained();
            $table->timestamp('seen_at')->nullable();
            $table->foreignUlid('seen_by')->nullable()->constrained('users')->nullOnDelete();
        });
    }

    private function talk(): void
    {
        Schema::create('comments', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->foreignUlid('user_id')->nullable()->constrained()->restrictOnDelete();
            $table->boolean('from_customer')->default(false);
            $table->text('body');
            // People who are spoken to, by id.
            $table->json('mentions');
            $table->timestamp('at');
            $table->index(['task_id', 'at']);
        });
    }

    private function clock(): void
    {
        // Moments at which something happens to a task by itself; each fires once, ever.
        Schema::create('timers', static function (Blueprint $table): void {
            $table->id();
            $table->char('key', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            // The timer of a rule; null: the task comes back from waiting.
            $table->char('timer', 64)->charset('ascii')->collation('ascii_bin')->nullable();
            // By the calendar, so that it hangs on no date of the task.
            $table->boolean('scheduled')->default(false);
            $table->timestamp('due_at');
            $table->timestamp('fired_at')->nullable();
            $table->index(['fired_at', 'due_at', 'id']);
            $table->index(['task_id', 'fired_at']);
        });
        // How far the moments of schedules have been put down.
        Schema::create('schedules', static function (Blueprint $table): void {
            $table->char('timer', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->timestamp('through');
        });
    }

    public function down(): void
    {
        foreach (['schedules', 'timers', 'comments', 'chain_cuts'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('decisions', static fn(Blueprint $table) => $table->dropConstrainedForeignId('change_id'));
        foreach (['task_changes', 'checklists', 'task_waits', 'task_watchers'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('rulebook_versions', static fn(Blueprint $table) => $table->dropColumn('timers'));
        Schema::table('task_kinds', static fn(Blueprint $table) => $table->dropColumn('defaults'));
        Schema::table('customers', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('owner_id');
            $table->dropColumn('facts');
        });
        Schema::table('houses', static fn(Blueprint $table) => $table->dropColumn('customer_revision'));
        Schema::table('tasks', static function (Blueprint $table): void {
            foreach (['last_reviewer_id', 'creator_id', 'made_by_id'] as $column) {
                $table->dropConstrainedForeignId($column);
            }
            $table->dropColumn([
                'waiting_for',
                'wakes_at',
                'resumes_as',
                'due_follows',
                'checklist',
                'comments_count',
                'files_count',
            ]);
        });
    }
};
