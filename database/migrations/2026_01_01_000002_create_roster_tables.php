<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        $this->house();
        $this->teams();
        $this->absences();
        $this->customers();
    }

    private function house(): void
    {
        // One row: the house itself.
        Schema::create('houses', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->string('zone', 60);
            $table->json('hours');
            $table->json('holidays');
            $table->json('exceptions');
            // Grows with every change to the roster; what is cached of it carries the number.
            $table->unsignedBigInteger('roster_revision')->default(1);
            $table->timestamps();
        });

        Schema::create('people', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->unique();
            $table->string('name');
            $table->foreignUlid('user_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->string('zone', 60)->nullable();
            $table->json('hours')->nullable();
            $table->json('holidays')->nullable();
            $table->json('exceptions')->nullable();
            $table->unsignedTinyInteger('capacity_percent')->default(80);
            $table->unsignedSmallInteger('capacity_minutes')->nullable();
            $table->boolean('active')->default(true);
            $table->date('member_from')->nullable();
            $table->date('member_until')->nullable();
            $table->string('intake_paused_until', 40)->nullable();
            $table->unsignedSmallInteger('position')->default(0);
            $table->timestamp('last_assigned_at')->nullable();
            $table->timestamps();
        });
    }

    private function teams(): void
    {
        Schema::create('teams', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->unique();
            $table->string('name');
            $table->foreignUlid('parent_id')->nullable()->constrained('teams')->nullOnDelete();
            $table->foreignUlid('lead_id')->nullable()->constrained('people')->nullOnDelete();
            $table->unsignedSmallInteger('position')->default(0);
            $table->timestamps();
        });

        Schema::create('team_members', function (Blueprint $table): void {
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained('people')->cascadeOnDelete();
            $table->unsignedSmallInteger('weight')->default(100);
            $table->unsignedSmallInteger('position')->default(0);
            $table->primary(['team_id', 'person_id']);
        });

        Schema::create('skills', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->unique();
            $table->string('name');
            $table->unsignedSmallInteger('position')->default(0);
            $table->timestamps();
        });

        Schema::create('person_skills', function (Blueprint $table): void {
            $table->foreignUlid('person_id')->constrained('people')->cascadeOnDelete();
            $table->foreignUlid('skill_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('level');
            $table->primary(['person_id', 'skill_id']);
        });
    }

    private function absences(): void
    {
        Schema::create('absences', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->unique();
            $table->foreignUlid('person_id')->constrained('people')->cascadeOnDelete();
            // Whole days in the person's zone, or an exact stretch; one of the two.
            $table->date('first_day')->nullable();
            $table->date('last_day')->nullable();
            $table->timestamp('from')->nullable();
            $table->timestamp('to')->nullable();
            $table->string('status', 20);
            $table->string('reason')->nullable();
            $table->timestamps();
        });

        Schema::create('absence_substitutes', function (Blueprint $table): void {
            $table->foreignUlid('absence_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained('people')->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->primary(['absence_id', 'person_id']);
        });
    }

    private function customers(): void
    {
        Schema::create('places', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->unique();
            $table->string('name');
            $table->string('level', 20);
            $table->foreignUlid('parent_id')->nullable()->constrained('places')->cascadeOnDelete();
            $table->foreignUlid('responsible_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignUlid('deputy_id')->nullable()->constrained('people')->nullOnDelete();
            $table->timestamps();
        });

        Schema::create('customers', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->unique();
            $table->string('name')->index();
            $table->string('tier', 30);
            $table->foreignUlid('place_id')->nullable()->constrained('places')->nullOnDelete();
            $table->string('contact')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (
            [
                'customers',
                'places',
                'absence_substitutes',
                'absences',
                'person_skills',
                'skills',
                'team_members',
                'teams',
                'people',
                'houses',
            ]
            as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
