<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tasks that several people hold together. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            // Whether whoever starts it shares it still; null: one person holds it, or nobody.
            $table->boolean('do_together')->nullable();
        });
        // Who holds a task together with its assignee.
        Schema::create('task_holders', static function (Blueprint $table): void {
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            // As the task is: what is done is not looked through for what is to be done.
            $table->boolean('open');
            $table->primary(['task_id', 'person_id']);
            $table->index(['person_id', 'open']);
        });
        Schema::table('handoffs', static function (Blueprint $table): void {
            // Whether others hold the task after it, too.
            $table->boolean('together')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('handoffs', static fn(Blueprint $table) => $table->dropColumn('together'));
        Schema::dropIfExists('task_holders');
        Schema::table('tasks', static fn(Blueprint $table) => $table->dropColumn('do_together'));
    }
};
