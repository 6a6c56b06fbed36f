<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** In what a house measures load, and what people can do of it on a day. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('houses', static function (Blueprint $table): void {
            // As in a roster document; null: in minutes.
            $table->json('load_measure')->nullable();
        });
        Schema::table('people', static function (Blueprint $table): void {
            // Hundredths.
            $table->unsignedInteger('capacity_parts')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('houses', static fn(Blueprint $table) => $table->dropColumn('load_measure'));
        Schema::table('people', static fn(Blueprint $table) => $table->dropColumn('capacity_parts'));
    }
};
