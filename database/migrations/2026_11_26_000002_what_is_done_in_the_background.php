<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/*
 * The queue where it is kept in the database, locks that all processes see,
 * and what the background works out: which rule takes how much of the recent
 * work, by version of the rulebook and day.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
        Schema::create('cache', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration')->index();
        });
        Schema::create('cache_locks', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration')->index();
        });

        Schema::create('coverage_runs', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('rulebook_version_id')->constrained()->cascadeOnDelete();
            // The published version that a draft is compared with.
            $table->foreignUlid('against_id')->nullable()->constrained('rulebook_versions')->cascadeOnDelete();
            // Of a draft, the revision of the drafts of the house; 0 for a version that never changes any more.
            $table->unsignedBigInteger('revision')->default(0);
            // The number of the last task that was looked at.
            $table->unsignedInteger('through')->default(0);
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('total')->default(0);
            $table->json('examples');
            $table->timestamp('finished_at')->nullable();
            $table->timestamps();
            $table->unique(['rulebook_version_id', 'revision']);
        });
        Schema::create('coverage_counts', static function (Blueprint $table): void {
            $table->foreignUlid('coverage_run_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            // By id; empty where no rule takes it.
            $table->string('rule', 120)->collation('utf8mb4_nopad_bin');
            $table->string('rule_before', 120)->collation('utf8mb4_nopad_bin');
            $table->unsignedInteger('tasks');
            $table->primary(['coverage_run_id', 'day', 'rule', 'rule_before']);
        });
    }

    public function down(): void
    {
        foreach (['coverage_counts', 'coverage_runs', 'cache_locks', 'cache', 'failed_jobs', 'jobs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
