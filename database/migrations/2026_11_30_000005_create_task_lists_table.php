<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Lists of tasks that people have given a name. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('task_lists', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            // Everybody of the house is offered it; what of it they see is theirs.
            $table->boolean('shared')->default(false)->index();
            // What stands in its address.
            $table->json('query');
            $table->timestamps();
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->index(['status', 'arrived_at']);
            $table->index(['status', 'due_at']);
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropIndex(['status', 'due_at']);
            $table->dropIndex(['status', 'arrived_at']);
        });
        Schema::dropIfExists('task_lists');
    }
};
