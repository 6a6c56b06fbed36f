<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Which event of which calendar an absence came by.
        Schema::create('calendar_entries', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('source', 60)->charset('ascii')->collation('ascii_bin');
            // By their hash, since they may be longer than an index takes.
            $table->char('event', 64)->charset('ascii')->collation('ascii_bin');
            $table->unsignedInteger('sequence');
            $table->foreignUlid('absence_id')->constrained()->cascadeOnDelete();
            $table->unique(['source', 'event']);
        });
        // Secret addresses under which absences are read as a calendar.
        Schema::create('calendar_feeds', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('secret', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->foreignUlid('person_id')->nullable()->unique()->constrained('people')->cascadeOnDelete();
            $table->foreignUlid('team_id')->nullable()->unique()->constrained('teams')->cascadeOnDelete();
        });
        // What the stand-in for the calendar of the personnel office has.
        Schema::create('stand_in_events', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('sequence')->default(0);
            $table->string('name', 200);
            $table->date('first_day');
            $table->date('last_day');
            $table->boolean('cancelled')->default(false);
        });
    }

    public function down(): void
    {
        foreach (['stand_in_events', 'calendar_feeds', 'calendar_entries'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
