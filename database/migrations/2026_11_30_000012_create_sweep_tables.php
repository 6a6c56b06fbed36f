<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Conditional bulk changes, and rules that are applied to work that is there: looked at, carried out, taken back. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('sweeps', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 200)->unique();
            // What it changes, as far as it is written: {"if": …, "hand_to": …, "then": […]}.
            $table->json('document');
            $table->unsignedInteger('revision')->default(1);
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('saved_at');
        });

        Schema::create('sweep_runs', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            // What it was called and what it was then.
            $table->string('name', 200);
            $table->json('document')->nullable();
            $table->foreignUlid('sweep_id')->nullable()->constrained()->nullOnDelete();
            // The rule that is applied, of the version that was in force.
            $table->string('rule_id', 120)->nullable();
            $table->foreignUlid('rulebook_version_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignUlid('user_id')->constrained();
            // {"filter": …} or {"ids": […]}
            $table->json('chosen');
            // looking, looked, carrying, done, stopped, undoing, undone
            $table->string('state', 20)->charset('ascii')->collation('ascii_bin');
            $table->unsignedInteger('total')->default(0);
            $table->unsignedInteger('looked')->default(0);
            // Load of each of those whose work would change, before and after.
            $table->json('loads')->nullable();
            // Why it stopped by itself.
            $table->string('why', 40)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->timestamp('begun_at');
            $table->timestamp('carried_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamp('undone_at')->nullable();
            $table->index(['carried_at', 'begun_at']);
        });

        Schema::create('swept_tasks', static function (Blueprint $table): void {
            $table->foreignUlid('sweep_run_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('place');
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            // foreseen, left_out, carried, passed, failed, undone, partly
            $table->string('state', 20)->charset('ascii')->collation('ascii_bin');
            // changes, same, nobody
            $table->string('comes_to', 20)->charset('ascii')->collation('ascii_bin');
            // What was and what is, by name; who answered; how many tasks were made, how many others changed.
            $table->json('difference');
            $table->json('answered');
            $table->unsignedInteger('made')->default(0);
            $table->unsignedInteger('others')->default(0);
            // It came to something else than was foreseen.
            $table->boolean('otherwise')->default(false);
            // What is put back on which task, which were made, and whose turns are given back.
            $table->json('undo')->nullable();
            $table->primary(['sweep_run_id', 'place']);
            $table->index(['sweep_run_id', 'state']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('swept_tasks');
        Schema::dropIfExists('sweep_runs');
        Schema::dropIfExists('sweeps');
    }
};
