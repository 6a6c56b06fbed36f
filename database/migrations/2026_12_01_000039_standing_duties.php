<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a house does again and again, and each of its dates once. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('duties', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->charset('ascii')->collation('ascii_bin')->unique();
            $table->string('name', 120);
            $table->json('document');
            $table->unsignedInteger('revision')->default(1);
            // The last of its dates that has been dealt with, and how many were.
            $table->date('through');
            $table->unsignedInteger('made')->default(0);
            // When it is to be looked at; empty: not before an open task is done, or never again.
            $table->dateTime('next_at')->nullable()->index();
            $table->date('next_date')->nullable();
            $table->boolean('waits')->default(false)->index();
            $table->timestamps();
            // It comes no more; its dates and tasks stay.
            $table->softDeletes();
        });
        Schema::create('duty_dates', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('duty_id')->constrained()->cascadeOnDelete();
            $table->date('key');
            $table->date('date');
            $table->foreignUlid('task_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->string('missed', 20)->nullable();
            $table->dateTime('at');
            $table->unique(['duty_id', 'key']);
            $table->index(['duty_id', 'date']);
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->foreignUlid('duty_id')->nullable()->constrained()->nullOnDelete();
            $table->json('own_give')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('duty_id');
            $table->dropColumn('own_give');
        });
        Schema::drop('duty_dates');
        Schema::drop('duties');
    }
};
