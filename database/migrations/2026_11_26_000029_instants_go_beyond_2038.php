<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** Instants that people, files and rules may set to whenever they like, in UTC as before. */
    private const COLUMNS = [
        'absences' => ['from', 'to'],
        'tasks' => ['starts_at', 'due_at', 'wakes_at', 'next_moment_at'],
        'handoffs' => ['away_until'],
    ];

    public function up(): void
    {
        foreach (self::COLUMNS as $name => $columns) {
            Schema::table($name, static function (Blueprint $table) use ($columns): void {
                foreach ($columns as $column) {
                    $table->dateTime($column)->nullable()->change();
                }
            });
        }
        Schema::table('timers', static function (Blueprint $table): void {
            $table->dateTime('due_at')->change();
        });
    }

    public function down(): void
    {
        Schema::table('timers', static function (Blueprint $table): void {
            $table->timestamp('due_at')->change();
        });
        foreach (self::COLUMNS as $name => $columns) {
            Schema::table($name, static function (Blueprint $table) use ($columns): void {
                foreach ($columns as $column) {
                    $table->timestamp($column)->nullable()->change();
                }
            });
        }
    }
};
