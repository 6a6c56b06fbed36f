<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Domain events, written with what brought them about and handed out after the commit.
        Schema::create('recorded_events', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 40);
            $table->timestamp('at');
            $table->ulid('task_id');
            $table->ulid('user_id')->nullable();
            $table->json('data');
            $table->index(['kind', 'id']);
        });
        // What coverage counts is one kind of them.
        DB::table('recorded_events')->insertUsing(
            ['id', 'kind', 'at', 'task_id', 'data'],
            DB::table('recorded_changes')->orderBy('id')->selectRaw("id, 'task_changed', at, '', document"),
        );
        Schema::drop('recorded_changes');
        // How far each consumer has come.
        Schema::create('event_positions', static function (Blueprint $table): void {
            $table->string('consumer', 40)->primary();
            $table->unsignedBigInteger('position')->default(0);
            $table->unsignedTinyInteger('failures')->default(0);
            $table->timestamp('next_try_at')->nullable();
        });
        Schema::table('notices', static function (Blueprint $table): void {
            $table->string('text', 200)->nullable()->after('other_id');
        });
    }

    public function down(): void
    {
        Schema::table('notices', static function (Blueprint $table): void {
            $table->dropColumn('text');
        });
        Schema::drop('event_positions');
        Schema::create('recorded_changes', static function (Blueprint $table): void {
            $table->id();
            $table->timestamp('at')->index();
            $table->json('document');
        });
        Schema::drop('recorded_events');
    }
};
