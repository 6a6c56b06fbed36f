<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is foreseen of the time of the house, its teams and its skills, worked out in the background. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('forecasts', static function (Blueprint $table): void {
            // "house", "team:…" or "skill:…", by slug.
            $table->string('about', 140)->charset('ascii')->collation('ascii_bin')->primary();
            $table->json('days');
            $table->json('help');
            $table->dateTime('at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('forecasts');
    }
};
