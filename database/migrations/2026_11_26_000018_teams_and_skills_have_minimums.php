<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // How many should be there on each working day.
        Schema::table('teams', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('minimum')->nullable();
        });
        Schema::table('skills', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('minimum')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('teams', static fn(Blueprint $table) => $table->dropColumn('minimum'));
        Schema::table('skills', static fn(Blueprint $table) => $table->dropColumn('minimum'));
    }
};
