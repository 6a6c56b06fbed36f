<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who else should have which task: worked out, taken in part or in whole, taken back. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('levellings', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('state', 20);
            // Slugs of teams; none: everybody.
            $table->json('teams');
            $table->json('terms');
            // The moment that it is worked out for, and until when what is due may move.
            $table->dateTime('at');
            $table->dateTime('until');
            // What there was to level, so that a choice of it can be weighed.
            $table->longText('problem')->nullable();
            $table->json('result')->nullable();
            $table->unsignedInteger('steps')->default(0);
            $table->unsignedInteger('budget');
            $table->string('why', 30)->nullable();
            $table->dateTime('begun_at');
            $table->dateTime('ready_at')->nullable();
            $table->dateTime('applied_at')->nullable();
            $table->foreignUlid('applied_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('undone_at')->nullable();
            $table->longText('undo')->nullable();
            $table->index('begun_at');
        });
        Schema::create('levelled_moves', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('levelling_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('place');
            // Moves of one group are taken or left together.
            $table->unsignedInteger('group');
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('from_id')->constrained('people');
            $table->foreignUlid('to_id')->constrained('people');
            $table->boolean('left')->default(false);
            // What became of it once it was applied, and the status that its task had then.
            $table->string('came', 20)->nullable();
            $table->string('was', 20)->nullable();
            $table->unique(['levelling_id', 'place']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('levelled_moves');
        Schema::dropIfExists('levellings');
    }
};
