<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What rules decided, how tasks changed, and who gave what to whom. */
return new class extends Migration {
    public function up(): void
    {
        $this->decisions();
        $this->taskChanges();
        $this->handoffs();
        $this->chainCuts();
        $this->taskCovers();
        $this->coverSettings();
    }

    private function decisions(): void
    {
        Schema::create('decisions', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            // What was decided upon; null: an arrival that came from outside.
            $table->ulid('change_id')->nullable();
            $table->string('event', 40);
            $table->timestamp('at')->index();
            $table->foreignUlid('user_id')->nullable()->constrained();
            $table->foreignUlid('rulebook_version_id')->nullable()->constrained();
            $table->string('outcome', 20);
            $table->string('rule', 120)->collation('utf8mb4_nopad_bin')->nullable();
            $table->foreignUlid('assignee_id')->nullable()->constrained('people');
            $table->json('facts');
            $table->longText('record')->collation('utf8mb4_bin');
            $table->timestamps();
            $table->index(['task_id', 'at']);
        });
    }

    /** What one cause has altered on one task at one instant. Append-only, as decisions and handoffs are. */
    private function taskChanges(): void
    {
        Schema::create('task_changes', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->timestamp('at')->index();
            // intake, person, system, timer, follow_up
            $table->string('cause', 20)->charset('ascii')->collation('ascii_bin');
            // What was done, such as "started", or the kind of event that a timer brought about.
            $table->string('occasion', 40)->charset('ascii')->collation('ascii_bin');
            $table->foreignUlid('user_id')->nullable()->constrained();
            $table->string('system', 60)->nullable();
            $table->string('reason', 500)->nullable();
            $table->json('difference');
            // Of a follow-up, the decision that it follows from.
            $table->foreignUlid('caused_by_id')->nullable()->constrained('decisions');
            $table->foreignUlid('for_id')->nullable()->constrained('people');
            $table->index(['task_id', 'at']);
        });

        Schema::table('decisions', static function (Blueprint $table): void {
            $table->foreign('change_id')->references('id')->on('task_changes');
        });
    }

    private function handoffs(): void
    {
        Schema::create('handoffs', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->foreignUlid('from_id')->nullable()->constrained('people');
            $table->foreignUlid('to_id')->nullable()->constrained('people');
            $table->string('cause', 20);
            $table->foreignUlid('decision_id')->nullable()->constrained();
            $table->foreignUlid('user_id')->nullable()->constrained();
            // The person in whose place somebody stands in, and until when that person is away.
            $table->foreignUlid('for_id')->nullable()->constrained('people');
            $table->dateTime('away_until')->nullable();
            $table->string('reason', 500)->nullable();
            $table->timestamp('at')->index();
            $table->index(['task_id', 'at']);
            $table->index(['task_id', 'to_id']);
            $table->index(['to_id', 'at']);
        });

        foreach (['change' => 'UPDATE', 'go' => 'DELETE'] as $name => $event) {
            DB::unprepared(
                "CREATE TRIGGER handoffs_never_{$name} BEFORE {$event} ON handoffs FOR EACH ROW " .
                    "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The handoff log is append-only.'",
            );
        }
    }

    private function chainCuts(): void
    {
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

    /** Who has a task in place of whom. */
    private function taskCovers(): void
    {
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
    }

    /** What was set by hand in a cover plan: who gets a task; nobody: it stays. */
    private function coverSettings(): void
    {
        Schema::create('cover_settings', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('absence_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->nullable()->constrained()->cascadeOnDelete();
            $table->unique(['absence_id', 'task_id']);
        });
    }

    public function down(): void
    {
        Schema::table('decisions', static fn(Blueprint $table) => $table->dropForeign(['change_id']));
        Schema::dropIfExists('cover_settings');
        Schema::dropIfExists('task_covers');
        Schema::dropIfExists('chain_cuts');
        Schema::dropIfExists('handoffs');
        Schema::dropIfExists('task_changes');
        Schema::dropIfExists('decisions');
    }
};
