<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What happened, as it is handed out, and what people are told of it. */
return new class extends Migration {
    public function up(): void
    {
        // Domain events, written with what brought them about and handed out after the commit.
        Schema::create('recorded_events', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 40);
            $table->timestamp('at');
            $table->ulid('task_id');
            $table->ulid('user_id')->nullable();
            $table->json('data');
            $table->index(['kind', 'id']);
        });

        // How far each consumer has come.
        Schema::create('event_positions', static function (Blueprint $table): void {
            $table->string('consumer', 40)->primary();
            $table->unsignedBigInteger('position')->default(0);
            $table->unsignedTinyInteger('failures')->default(0);
            $table->timestamp('next_try_at')->nullable();
        });

        // What somebody should know of because it was not their own doing.
        Schema::create('notices', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('person_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->foreignUlid('other_id')->nullable()->constrained('people')->cascadeOnDelete();
            $table->string('text', 200)->nullable();
            $table->timestamp('at');
            $table->timestamp('seen_at')->nullable()->index();
            $table->index(['person_id', 'at', 'id']);
            $table->index(['person_id', 'seen_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('notices');
        Schema::dropIfExists('event_positions');
        Schema::dropIfExists('recorded_events');
    }
};
