<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('task_kinds', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 60)->unique();
            $table->string('name');
            $table->unsignedSmallInteger('usual_minutes');
            $table->text('guide')->nullable();
            $table->unsignedSmallInteger('position')->default(0);
            $table->timestamps();
        });

        // Fields of a task that the house has added; the built-in ones are in the code.
        Schema::create('fields', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('path', 80)->unique();
            $table->string('label');
            $table->string('type', 20);
            $table->json('options')->nullable();
            $table->unsignedSmallInteger('position')->default(0);
            $table->timestamps();
        });

        Schema::create('rulebook_versions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            // Null while it is a draft; published ones are numbered from 1.
            $table->unsignedInteger('number')->nullable()->unique();
            $table->string('state', 20)->index();
            $table->json('rules');
            $table->string('note')->nullable();
            // Grows with every save of a draft, so that nobody overwrites what they have not seen.
            $table->unsignedInteger('revision')->default(1);
            $table->foreignUlid('saved_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('published_at')->nullable();
            $table->timestamps();
        });

        // At most one draft and one published version.
        DB::statement(
            "ALTER TABLE rulebook_versions ADD COLUMN only_one VARCHAR(20) AS (CASE WHEN state IN ('draft', " .
                "'published') THEN state END) PERSISTENT, ADD UNIQUE rulebook_versions_only_one (only_one)",
        );

        Schema::create('rotations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 160)->unique();
            $table->unsignedBigInteger('now')->default(0);
            $table->timestamps();
        });

        Schema::create('rotation_seats', function (Blueprint $table): void {
            $table->foreignUlid('rotation_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained('people')->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->unsignedBigInteger('mark');
            $table->primary(['rotation_id', 'person_id']);
        });
    }

    public function down(): void
    {
        foreach (['rotation_seats', 'rotations', 'rulebook_versions', 'fields', 'task_kinds'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
