<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static fn(Blueprint $table) => $table->fullText('title'));
        Schema::table('customers', static fn(Blueprint $table) => $table->fullText('name'));
    }

    public function down(): void
    {
        Schema::table('customers', static fn(Blueprint $table) => $table->dropFullText(['name']));
        Schema::table('tasks', static fn(Blueprint $table) => $table->dropFullText(['title']));
    }
};
