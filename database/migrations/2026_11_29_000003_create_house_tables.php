<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The house, its places and its fields. */
return new class extends Migration {
    public function up(): void
    {
        $this->houses();
        $this->places();
        $this->fields();
        $this->checklists();
    }

    /** One row: the house itself. */
    private function houses(): void
    {
        Schema::create('houses', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->string('zone', 60);
            $table->json('hours');
            $table->json('holidays');
            // Holidays that people may have in place of those of the house, with id and name.
            $table->json('calendars')->nullable();
            $table->json('exceptions');
            // Grows with every change to the roster; what is cached of it carries the number.
            $table->unsignedBigInteger('roster_revision')->default(1);
            // Grows with every change of a customer.
            $table->unsignedBigInteger('customer_revision')->default(1);
            // Grows with every save, publishing and discarding of a draft and never goes back, so that
            // nobody overwrites what they have not seen, and a page can tell older news from newer.
            $table->unsignedBigInteger('draft_revision')->default(1);
            // Labels by code; of places from the top of the tree down. Which level answers: it has responsible people.
            $table->json('customer_tiers')->nullable();
            $table->json('place_levels')->nullable();
            $table->string('answering_level', 20)->nullable();
            // Grows with everything that pages show and that is neither an arrival nor seen otherwise.
            $table->unsignedBigInteger('changes')->default(0);
            // Until when the clock has been looked at for moments at which something changes by itself.
            $table->timestamp('ticked_at')->nullable();
            // Whether everybody of the house sees every task, and not only those that have to do with them.
            $table->boolean('tasks_are_open')->default(false);
            // What a customer reads of each status; what is not there goes by the words file.
            $table->json('customer_words')->nullable();
            $table->timestamps();
        });
    }

    private function places(): void
    {
        Schema::create('places', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->collation('utf8mb4_nopad_bin')->unique();
            $table->string('name');
            $table->string('level', 20);
            $table->foreignUlid('parent_id')->nullable()->constrained('places')->cascadeOnDelete();
            $table->ulid('responsible_id')->nullable();
            $table->ulid('deputy_id')->nullable();
            $table->timestamps();
        });
    }

    /** Fields of a task that the house has added; the built-in ones are in the code. */
    private function fields(): void
    {
        Schema::create('fields', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('path', 80)->collation('utf8mb4_nopad_bin')->unique();
            $table->string('label');
            $table->string('type', 20);
            $table->json('options')->nullable();
            // Values that are no longer offered; they stay among the options, so that what has them goes on being
            // known.
            $table->json('retired_options')->nullable();
            $table->unsignedSmallInteger('position')->default(0);
            // As the web form asks for it; null: it does not.
            $table->string('form_label')->nullable();
            // No longer offered; what is kept in it goes on being known.
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
        });
    }

    private function checklists(): void
    {
        Schema::create('checklists', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->collation('utf8mb4_nopad_bin')->unique();
            $table->string('name', 200);
            $table->json('items');
            $table->unsignedSmallInteger('position')->default(0);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('checklists');
        Schema::dropIfExists('fields');
        Schema::dropIfExists('places');
        Schema::dropIfExists('houses');
    }
};
