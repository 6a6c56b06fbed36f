<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What came in and what ended over some weeks, counted in the background. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('figures', static function (Blueprint $table): void {
            // Slug of a team; empty: the house.
            $table->string('whose', 120)->charset('ascii')->collation('ascii_bin');
            $table->string('by', 10)->charset('ascii')->collation('ascii_bin');
            $table->unsignedSmallInteger('weeks');
            $table->json('rows');
            $table->dateTime('at');
            $table->primary(['whose', 'by', 'weeks']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('figures');
    }
};
