<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The database's check of JSON knows 31 levels, and criteria nest deeper; the application reads and writes
        // these whole.
        Schema::table('rulebook_versions', static function (Blueprint $table): void {
            $table->longText('rules')->change();
            $table->longText('fields')->nullable()->change();
            $table->longText('timers')->nullable()->change();
        });
        Schema::table('absence_substitutes', static function (Blueprint $table): void {
            $table->longText('only')->nullable()->change();
        });
        // 20,000 characters of four bytes each.
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->mediumText('description')->nullable()->change();
        });
        // It names people and rules, which have long names.
        Schema::table('activity_log', static function (Blueprint $table): void {
            $table->string('description', 2000)->change();
            // The rules of a draft that was discarded stand in it.
            $table->longText('properties')->nullable()->change();
        });
    }

    public function down(): void
    {
        Schema::table('activity_log', static function (Blueprint $table): void {
            $table->string('description')->change();
            $table->json('properties')->nullable()->change();
        });
        Schema::table('tasks', static fn(Blueprint $table) => $table->text('description')->nullable()->change());
        Schema::table('absence_substitutes', static fn(Blueprint $table) => $table->json('only')->nullable()->change());
        Schema::table('rulebook_versions', static function (Blueprint $table): void {
            $table->json('rules')->change();
            $table->json('fields')->nullable()->change();
            $table->json('timers')->nullable()->change();
        });
    }
};
