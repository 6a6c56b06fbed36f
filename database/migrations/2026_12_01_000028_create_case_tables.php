<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tracks, the cases that go them, and the one history of tasks and cases. */
return new class extends Migration {
    /** What is put down of tasks, and of cases from now on: of one of the two. */
    private const HISTORY = ['decisions', 'task_changes', 'handoffs', 'chain_cuts', 'timers', 'comments', 'task_files'];

    public function up(): void
    {
        $this->tracks();
        $this->cases();
        $this->stays();
        $this->people();
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->constrained()->restrictOnDelete();
            // The stage in which it was made, by key, and whether it is needed for that.
            $table->string('case_stage', 120)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->boolean('needed')->default(false);
            // The case that a rule made it for.
            $table->foreignUlid('made_by_case_id')->nullable()->constrained('cases')->nullOnDelete();
            $table->index(['case_id', 'status']);
        });
        Schema::table('task_kinds', static function (Blueprint $table): void {
            $table->boolean('needed')->default(false);
        });
        foreach (self::HISTORY as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                // A column that a foreign key is on cannot be changed.
                $table->dropForeign(['task_id']);
                $table->ulid('task_id')->nullable()->change();
            });
            Schema::table($name, static function (Blueprint $table) use ($name): void {
                $key = $table->foreign('task_id')->references('id')->on('tasks');
                $name === 'timers' ? $key->cascadeOnDelete() : $key->restrictOnDelete();
            });
        }
        $this->ofCases();
        Schema::table('recorded_events', static function (Blueprint $table): void {
            $table->ulid('task_id')->nullable()->change();
            $table->ulid('case_id')->nullable();
        });
    }

    /** Each by name, so that static analysis knows the columns. */
    private function ofCases(): void
    {
        Schema::table('decisions', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('task_changes', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('handoffs', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('chain_cuts', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('timers', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('comments', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('task_files', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
        });
    }

    private function tracks(): void
    {
        Schema::create('tracks', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->charset('ascii')->collation('ascii_bin')->unique();
            $table->string('name', 120);
            $table->unsignedSmallInteger('position')->default(0);
            // What leads work on, as a document; null: it is as published.
            $table->json('draft')->nullable();
            $table->unsignedInteger('revision')->default(1);
            $table->ulid('published_id')->nullable();
            $table->timestamps();
        });
        // Never changed: a decision was made by the version of its day.
        Schema::create('track_versions', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('track_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->json('document');
            $table->string('note', 500)->nullable();
            $table->foreignUlid('published_by')->nullable()->constrained('users');
            $table->timestamp('published_at');
            $table->unique(['track_id', 'number']);
        });
    }

    private function cases(): void
    {
        Schema::create('cases', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number');
            $table->string('title', 200)->fulltext();
            $table->foreignUlid('track_id')->constrained();
            $table->string('stage', 120)->charset('ascii')->collation('ascii_bin');
            $table->dateTime('stage_since');
            $table->string('outcome', 120)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->dateTime('opened_at');
            $table->dateTime('closed_at')->nullable();
            $table->foreignUlid('customer_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignUlid('owner_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignUlid('previous_owner_id')->nullable()->constrained('people')->nullOnDelete();
            // In whose place the owner has it: the absence, and who it went through.
            $table->json('covering')->nullable();
            $table->foreignUlid('creator_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignUlid('parent_id')->nullable()->constrained('cases')->nullOnDelete();
            $table->json('facts');
            $table->json('tags');
            $table->unsignedInteger('comments_count')->default(0);
            $table->unsignedInteger('files_count')->default(0);
            // The merge of two customers that brought it to this one.
            $table->foreignUlid('customer_merge_id')->nullable()->constrained()->nullOnDelete();
            // The task or case that it was opened for, and the rule that did.
            $table->ulid('made_by_id')->nullable();
            $table->string('made_by_rule', 120)->nullable();
            // How many tasks are open that are needed for its stage.
            $table->unsignedInteger('open_needed')->default(0);
            // What a rule would have had happen to it last, and why it could not.
            $table->json('refused')->nullable();
            $table->unsignedInteger('revision')->default(1);
            $table->dateTime('next_moment_at')->nullable()->index();
            $table->timestamps();
            $table->index(['track_id', 'closed_at', 'stage', 'stage_since']);
            $table->index(['owner_id', 'closed_at']);
            $table->index(['customer_id', 'closed_at']);
            $table->index(['made_by_id']);
        });
        // Numbers are given by the database, beside a primary key of another column, which the builder cannot say.
        DB::statement(
            'ALTER TABLE cases ADD UNIQUE cases_number_unique (number), MODIFY number INT UNSIGNED NOT NULL ' .
                'AUTO_INCREMENT, AUTO_INCREMENT = 101',
        );
    }

    private function stays(): void
    {
        Schema::create('case_stays', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('case_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('track_id')->constrained();
            $table->unsignedSmallInteger('place');
            $table->string('stage', 120)->charset('ascii')->collation('ascii_bin');
            // From which it was moved there; null: it began there, or was reopened.
            $table->string('came_from', 120)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->dateTime('entered_at');
            $table->dateTime('left_at')->nullable();
            // Of working time of the house, once it is left.
            $table->unsignedInteger('minutes')->nullable();
            // Gates that were closed and that a lead had it pass, as documents have them.
            $table->json('passed')->nullable();
            $table->string('reason', 500)->nullable();
            $table->unique(['case_id', 'place']);
            // What moved lately, and how long it had stood, without a look at the rows.
            $table->index(['track_id', 'entered_at', 'came_from', 'stage', 'case_id'], 'case_stays_moved');
            $table->index(['track_id', 'left_at', 'stage', 'minutes'], 'case_stays_left');
        });
    }

    /** Who may take a case that nobody owns, and who watches it. */
    private function people(): void
    {
        foreach (['case_claimants', 'case_watchers'] as $name) {
            Schema::create($name, static function (Blueprint $table): void {
                $table->foreignUlid('case_id')->constrained()->cascadeOnDelete();
                $table->foreignUlid('person_id')->index()->constrained()->cascadeOnDelete();
                $table->primary(['case_id', 'person_id']);
            });
        }
    }

    public function down(): void
    {
        Schema::table('recorded_events', static fn(Blueprint $table) => $table->dropColumn('case_id'));
        foreach (self::HISTORY as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropConstrainedForeignId('case_id'));
        }
        Schema::table('task_kinds', static fn(Blueprint $table) => $table->dropColumn('needed'));
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('case_id');
            $table->dropConstrainedForeignId('made_by_case_id');
            $table->dropColumn(['case_stage', 'needed']);
        });
        foreach (['case_watchers', 'case_claimants', 'case_stays', 'cases', 'track_versions', 'tracks'] as $name) {
            Schema::dropIfExists($name);
        }
    }
};
