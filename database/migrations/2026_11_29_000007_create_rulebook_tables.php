<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rules in their versions, whose turn it is, and what the rules take. */
return new class extends Migration {
    public function up(): void
    {
        $this->rulebookVersions();
        $this->rotations();
        $this->rotationSeats();
        $this->coverageRuns();
        $this->coverageCounts();
        $this->coverageActs();
    }

    private function rulebookVersions(): void
    {
        Schema::create('rulebook_versions', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            // Null while it is a draft; published ones are numbered from 1.
            $table->unsignedInteger('number')->nullable()->unique();
            $table->string('state', 20)->index();
            // The database's check of JSON knows 31 levels, and criteria nest deeper; the application reads and writes
            // these whole.
            $table->longText('rules');
            $table->longText('fields')->nullable();
            // Since when each of its timers has been published without a break, by the timer's id.
            $table->longText('timers')->nullable();
            $table->string('note')->nullable();
            $table->foreignUlid('saved_by')->nullable()->constrained('users')->nullOnDelete();
            // What saved it where nobody did, such as "command line".
            $table->string('saved_by_system', 60)->nullable();
            $table->timestamp('published_at')->nullable();
            $table->string('only_one', 20)->storedAs("CASE WHEN state IN ('draft', 'published') THEN state END");
            $table->timestamps();
            $table->unique('only_one', 'rulebook_versions_only_one');
        });
    }

    private function rotations(): void
    {
        Schema::create('rotations', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            // By every character: in the rules "Bench" and "bench" are two.
            $table->string('name', 160)->collation('utf8mb4_nopad_bin')->unique();
            $table->unsignedBigInteger('virtual_time')->default(0);
            $table->timestamps();
        });
    }

    private function rotationSeats(): void
    {
        Schema::create('rotation_seats', static function (Blueprint $table): void {
            $table->foreignUlid('rotation_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->unsignedBigInteger('pass');
            $table->primary(['rotation_id', 'person_id']);
        });
    }

    private function coverageRuns(): void
    {
        Schema::create('coverage_runs', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('rulebook_version_id')->constrained()->cascadeOnDelete();
            // The published version that a draft is compared with.
            $table->foreignUlid('against_id')->nullable()->constrained('rulebook_versions')->cascadeOnDelete();
            // Of a draft, the revision of the drafts of the house; 0 for a version that never changes any more.
            $table->unsignedBigInteger('revision')->default(0);
            // The number of the last task that was looked at.
            $table->unsignedInteger('through')->default(0);
            // The last recorded change that was looked at.
            $table->unsignedBigInteger('through_change')->default(0);
            // The number of the last task whose dates were looked at.
            $table->unsignedBigInteger('through_task')->default(0);
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('total')->default(0);
            $table->json('examples');
            $table->timestamp('finished_at')->nullable();
            $table->timestamps();
            $table->unique(['rulebook_version_id', 'revision']);
        });
    }

    private function coverageCounts(): void
    {
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

    private function coverageActs(): void
    {
        Schema::create('coverage_acts', static function (Blueprint $table): void {
            $table->foreignUlid('coverage_run_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->string('rule', 120)->collation('utf8mb4_nopad_bin');
            $table->unsignedInteger('times');
            // How many of the times follow from dates as they are now, since nobody has recorded them.
            $table->unsignedInteger('estimated')->default(0);
            $table->primary(['coverage_run_id', 'day', 'rule']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('coverage_acts');
        Schema::dropIfExists('coverage_counts');
        Schema::dropIfExists('coverage_runs');
        Schema::dropIfExists('rotation_seats');
        Schema::dropIfExists('rotations');
        Schema::dropIfExists('rulebook_versions');
    }
};
