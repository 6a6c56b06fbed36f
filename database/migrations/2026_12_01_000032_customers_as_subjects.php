<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rules are about customers as about tasks and cases, and what they do stands in the one history. */
return new class extends Migration {
    private const HISTORY = ['decisions', 'task_changes', 'handoffs', 'chain_cuts', 'timers', 'notices'];

    public function up(): void
    {
        Schema::table('customers', static function (Blueprint $table): void {
            $table->json('tags')->default('[]');
            // When something next happens to it by itself, but for schedules.
            $table->dateTime('next_moment_at')->nullable()->index();
        });
        Schema::table('decisions', static function (Blueprint $table): void {
            $table->foreignUlid('customer_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('task_changes', static function (Blueprint $table): void {
            $table->foreignUlid('customer_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('handoffs', static function (Blueprint $table): void {
            $table->foreignUlid('customer_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('chain_cuts', static function (Blueprint $table): void {
            $table->foreignUlid('customer_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('timers', static function (Blueprint $table): void {
            $table->foreignUlid('customer_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('notices', static function (Blueprint $table): void {
            $table->foreignUlid('customer_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::table('recorded_events', static function (Blueprint $table): void {
            $table->ulid('customer_id')->nullable();
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            // The customer, or the house, for which a rule made it.
            $table->ulid('made_by_other')->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static fn(Blueprint $table) => $table->dropColumn('made_by_other'));
        Schema::table('recorded_events', static fn(Blueprint $table) => $table->dropColumn('customer_id'));
        foreach (self::HISTORY as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropConstrainedForeignId('customer_id'));
        }
        Schema::table('customers', static fn(Blueprint $table) => $table->dropColumn(['tags', 'next_moment_at']));
    }
};
