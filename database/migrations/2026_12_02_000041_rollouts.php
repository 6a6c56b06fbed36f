<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rollouts, and the nodes over which each goes as they were when it was begun. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('rollouts', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 120);
            $table->string('tree', 20);
            $table->json('document');
            $table->string('state', 20)->index();
            // Of what is not to be seen before: when its tasks are made.
            $table->dateTime('makes_at')->nullable()->index();
            $table->dateTime('due_at')->nullable();
            $table->foreignUlid('begun_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('begun_at')->index();
            $table->dateTime('ended_at')->nullable();
            // When something was last made of it, so that what has come to a halt is taken up again.
            $table->dateTime('moved_at');
        });
        Schema::create('rollout_nodes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('rollout_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('place');
            $table->string('node', 120)->collation('utf8mb4_nopad_bin');
            $table->string('parent', 120)->collation('utf8mb4_nopad_bin')->nullable();
            $table->string('name');
            // Empty: it lies above those that have a task, and has none.
            $table->string('state', 20)->nullable();
            $table->string('title')->nullable();
            $table->mediumText('details')->nullable();
            $table->foreignUlid('holder_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignUlid('reviewer_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignUlid('customer_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignUlid('task_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->unique(['rollout_id', 'node']);
            $table->index(['rollout_id', 'state', 'place']);
        });
    }

    public function down(): void
    {
        Schema::drop('rollout_nodes');
        Schema::drop('rollouts');
    }
};
