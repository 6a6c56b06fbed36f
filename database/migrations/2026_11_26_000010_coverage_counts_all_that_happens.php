<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What happened to tasks lately, so that it can be held against other rules; no part of the history.
        Schema::create('recorded_changes', static function (Blueprint $table): void {
            $table->id();
            $table->timestamp('at')->index();
            $table->json('document');
        });
        Schema::table('coverage_runs', static function (Blueprint $table): void {
            // The last recorded change that was looked at.
            $table->unsignedBigInteger('through_change')->default(0)->after('through');
        });
        Schema::create('coverage_acts', static function (Blueprint $table): void {
            $table->foreignUlid('coverage_run_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->string('rule', 120)->collation('utf8mb4_nopad_bin');
            $table->unsignedInteger('times');
            $table->primary(['coverage_run_id', 'day', 'rule']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('coverage_acts');
        Schema::table('coverage_runs', static fn(Blueprint $table) => $table->dropColumn('through_change'));
        Schema::dropIfExists('recorded_changes');
    }
};
