<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Two rows for two tasks that go with each other.
        Schema::create('task_links', static function (Blueprint $table): void {
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('other_id')->constrained('tasks')->cascadeOnDelete();
            $table->primary(['task_id', 'other_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('task_links');
    }
};
