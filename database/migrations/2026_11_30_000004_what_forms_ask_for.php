<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which fields a kind of task asks for, and how the web form is set up. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('task_kinds', static function (Blueprint $table): void {
            // In their order, each with whether it is required; null: all fields of tasks are asked for.
            $table->json('asks')->nullable();
        });
        Schema::table('houses', static function (Blueprint $table): void {
            // Whether the web form offers customers, lets them be typed, or asks for none.
            $table->string('form_customers', 10)->default('offered');
            // What the form says at its head; null: the product's own words.
            $table->string('form_lead')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('houses', static fn(Blueprint $table) => $table->dropColumn(['form_customers', 'form_lead']));
        Schema::table('task_kinds', static fn(Blueprint $table) => $table->dropColumn('asks'));
    }
};
