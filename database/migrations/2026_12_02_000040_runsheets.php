<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Runsheets, their versions, and their runs with each round of each block. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('runsheets', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->charset('ascii')->collation('ascii_bin')->unique();
            $table->string('name', 120);
            // What runs of it are of, as it is published.
            $table->string('about', 20)->nullable();
            $table->unsignedSmallInteger('position');
            $table->json('draft')->nullable();
            $table->ulid('published_id')->nullable();
            $table->unsignedInteger('revision')->default(0);
            $table->timestamps();
        });
        Schema::create('runsheet_versions', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('runsheet_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->json('document');
            $table->foreignUlid('published_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('published_at');
            $table->unique(['runsheet_id', 'number']);
        });
        Schema::create('runs', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('runsheet_id')->constrained();
            $table->foreignUlid('version_id')->constrained('runsheet_versions');
            // What it is of; neither: nothing.
            $table->foreignUlid('task_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('state', 20);
            $table->dateTime('started_at');
            $table->foreignUlid('started_by')->nullable()->constrained('users')->nullOnDelete();
            $table->string('rule', 160)->nullable();
            // The step of another run that it was started by.
            $table->foreignUlid('parent_id')->nullable()->constrained('runs')->cascadeOnDelete();
            $table->dateTime('over_at')->nullable();
            $table->dateTime('wakes_at')->nullable()->index();
            $table->unsignedInteger('revision')->default(1);
            // One at a time of a runsheet and a subject: empty where it is over, or may be one of several.
            $table->string('only', 60)->charset('ascii')->collation('ascii_bin')->nullable()->unique();
            $table->index(['task_id', 'state']);
            $table->index(['case_id', 'state']);
            $table->index(['state', 'started_at']);
        });
        Schema::create('run_blocks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('run_id')->constrained()->cascadeOnDelete();
            $table->string('key', 120)->charset('ascii')->collation('ascii_bin');
            $table->unsignedSmallInteger('round');
            $table->string('state', 20);
            $table->dateTime('reached_at')->nullable();
            $table->dateTime('settled_at')->nullable();
            $table->string('why', 20)->nullable();
            $table->string('answer', 20)->nullable();
            $table->dateTime('wakes_at')->nullable();
            // What the run has set last: a date that somebody has set by hand is theirs.
            $table->dateTime('due_at')->nullable();
            // What the step has made.
            $table->foreignUlid('task_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->foreignUlid('approval_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->foreignUlid('child_id')->nullable()->constrained('runs')->nullOnDelete();
            $table->unique(['run_id', 'key', 'round']);
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            // Runs on it that are not over.
            $table->unsignedSmallInteger('runs')->default(0);
        });
        Schema::table('cases', static function (Blueprint $table): void {
            // Runs on it that are not over.
            $table->unsignedSmallInteger('runs')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static fn(Blueprint $table) => $table->dropColumn('runs'));
        Schema::table('cases', static fn(Blueprint $table) => $table->dropColumn('runs'));
        Schema::drop('run_blocks');
        Schema::drop('runs');
        Schema::drop('runsheet_versions');
        Schema::drop('runsheets');
    }
};
