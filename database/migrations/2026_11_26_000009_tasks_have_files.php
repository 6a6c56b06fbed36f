<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('task_files', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->constrained();
            $table->foreignUlid('user_id')->nullable()->constrained()->restrictOnDelete();
            // As whoever sent it called it, made harmless; where it lies has a name of its own.
            $table->string('name', 200);
            $table->string('type', 100);
            $table->unsignedInteger('size');
            $table->string('path', 100)->charset('ascii')->collation('ascii_bin');
            $table->timestamp('at');
            $table->index(['task_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('task_files');
    }
};
