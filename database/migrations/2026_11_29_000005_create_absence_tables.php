<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who is away when, who stands in, and where absences come from. */
return new class extends Migration {
    public function up(): void
    {
        $this->absences();
        $this->absenceSubstitutes();
        $this->calendarFeeds();
        $this->calendarEntries();
        $this->standInEvents();
    }

    private function absences(): void
    {
        Schema::create('absences', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->collation('utf8mb4_nopad_bin')->unique();
            $table->foreignUlid('person_id')->constrained()->cascadeOnDelete();
            // Whole days in the person's zone, or an exact stretch; one of the two.
            $table->date('first_day')->nullable();
            $table->date('last_day')->nullable();
            $table->dateTime('from')->nullable();
            $table->dateTime('to')->nullable();
            $table->string('status', 20);
            $table->string('kind', 20)->default('leave');
            // What becomes of the work in hand, and what comes back.
            $table->string('held', 20)->default('falls_due');
            $table->string('hand_back', 20)->default('untouched');
            $table->string('reason')->nullable();
            $table->foreignUlid('asked_by')->nullable()->constrained('users')->nullOnDelete();
            $table->foreignUlid('decided_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('decided_at')->nullable();
            // With which word it was approved or declined.
            $table->string('decided_word')->nullable();
            // When that was done, each once.
            $table->timestamp('handed_over_at')->nullable();
            $table->timestamp('handed_back_at')->nullable()->index();
            // Why its work is being moved, until all of it has.
            $table->string('settling', 20)->nullable()->index();
            $table->timestamps();
        });
    }

    private function absenceSubstitutes(): void
    {
        Schema::create('absence_substitutes', static function (Blueprint $table): void {
            $table->foreignUlid('absence_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            // Criteria of the work that somebody stands in for; null: all.
            $table->longText('only')->nullable();
            $table->primary(['absence_id', 'person_id']);
        });
    }

    /** Secret addresses under which absences are read as a calendar. */
    private function calendarFeeds(): void
    {
        Schema::create('calendar_feeds', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('secret', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->foreignUlid('person_id')->nullable()->unique()->constrained()->cascadeOnDelete();
            $table->foreignUlid('team_id')->nullable()->unique()->constrained()->cascadeOnDelete();
        });
    }

    /** Which event of which calendar an absence came by. */
    private function calendarEntries(): void
    {
        Schema::create('calendar_entries', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('source', 60)->charset('ascii')->collation('ascii_bin');
            // By their hash, since they may be longer than an index takes.
            $table->char('event', 64)->charset('ascii')->collation('ascii_bin');
            $table->unsignedInteger('sequence');
            $table->foreignUlid('absence_id')->constrained()->cascadeOnDelete();
            $table->unique(['source', 'event']);
        });
    }

    /** What the stand-in for the calendar of the personnel office has. */
    private function standInEvents(): void
    {
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
        Schema::dropIfExists('stand_in_events');
        Schema::dropIfExists('calendar_entries');
        Schema::dropIfExists('calendar_feeds');
        Schema::dropIfExists('absence_substitutes');
        Schema::dropIfExists('absences');
    }
};
