<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who works there, in which teams, and what they can do. */
return new class extends Migration {
    public function up(): void
    {
        $this->people();
        $this->teams();
        $this->teamMembers();
        $this->skills();
        $this->personSkills();
    }

    private function people(): void
    {
        Schema::create('people', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->collation('utf8mb4_nopad_bin')->unique();
            $table->string('name');
            $table->string('email', 200)->nullable();
            $table->string('phone', 60)->nullable();
            $table->foreignUlid('user_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->string('zone', 60)->nullable();
            $table->json('hours')->nullable();
            $table->json('holidays')->nullable();
            // The id of one of them.
            $table->string('calendar', 120)->nullable();
            $table->json('exceptions')->nullable();
            $table->unsignedTinyInteger('capacity_percent')->default(80);
            $table->unsignedSmallInteger('capacity_minutes')->nullable();
            $table->unsignedSmallInteger('open_tasks_at_most')->nullable();
            $table->json('attribute_list')->nullable();
            // By path, as in documents.
            $table->json('facts')->nullable();
            $table->foreignUlid('place_id')->nullable()->constrained();
            $table->boolean('active')->default(true);
            $table->date('member_from')->nullable();
            $table->date('member_until')->nullable();
            $table->string('intake_paused_until', 40)->nullable();
            $table->string('intake_paused_reason', 200)->nullable();
            $table->unsignedSmallInteger('position')->default(0);
            $table->timestamps();
        });
    }

    private function teams(): void
    {
        Schema::create('teams', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->collation('utf8mb4_nopad_bin')->unique();
            $table->string('name');
            $table->foreignUlid('parent_id')->nullable()->constrained('teams')->nullOnDelete();
            $table->foreignUlid('lead_id')->nullable()->constrained('people')->nullOnDelete();
            $table->unsignedSmallInteger('position')->default(0);
            // How many should be there on each working day.
            $table->unsignedSmallInteger('minimum')->nullable();
            $table->timestamps();
        });

        Schema::table('places', static function (Blueprint $table): void {
            $table->foreign('responsible_id')->references('id')->on('people')->nullOnDelete();
            $table->foreign('deputy_id')->references('id')->on('people')->nullOnDelete();
        });
    }

    private function teamMembers(): void
    {
        Schema::create('team_members', static function (Blueprint $table): void {
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('weight')->default(100);
            $table->unsignedSmallInteger('position')->default(0);
            // First and last day in the team; null: from the beginning, for good.
            $table->date('from')->nullable();
            $table->date('until')->nullable();
            $table->primary(['team_id', 'person_id']);
        });
    }

    private function skills(): void
    {
        Schema::create('skills', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->collation('utf8mb4_nopad_bin')->unique();
            $table->string('name');
            $table->unsignedSmallInteger('position')->default(0);
            // How many should be there on each working day.
            $table->unsignedSmallInteger('minimum')->nullable();
            $table->timestamps();
        });
    }

    private function personSkills(): void
    {
        Schema::create('person_skills', static function (Blueprint $table): void {
            $table->foreignUlid('person_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('skill_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('level');
            $table->primary(['person_id', 'skill_id']);
        });
    }

    public function down(): void
    {
        Schema::table('places', static function (Blueprint $table): void {
            $table->dropForeign(['responsible_id']);
            $table->dropForeign(['deputy_id']);
        });
        Schema::dropIfExists('person_skills');
        Schema::dropIfExists('skills');
        Schema::dropIfExists('team_members');
        Schema::dropIfExists('teams');
        Schema::dropIfExists('people');
    }
};
