<?php

declare(strict_types=1);

use App\Models\Rules\CoverageRun;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What checks know of recent work: which rules it met, and what no rule gave to anybody. */
return new class extends Migration {
    public function up(): void
    {
        // What was counted without these is counted anew.
        CoverageRun::query()->delete();
        Schema::table('coverage_runs', static function (Blueprint $table): void {
            // When all that there was had been looked at for the first time.
            $table->timestamp('whole_at')->nullable();
        });
        Schema::create('coverage_meets', static function (Blueprint $table): void {
            $table->foreignUlid('coverage_run_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            // A rule that gives, and the one that took what met it; by id.
            $table->string('rule', 120)->collation('utf8mb4_nopad_bin');
            $table->string('taker', 120)->collation('utf8mb4_nopad_bin');
            $table->unsignedInteger('tasks');
            $table->primary(['coverage_run_id', 'day', 'rule', 'taker']);
        });
        Schema::create('coverage_lefts', static function (Blueprint $table): void {
            $table->foreignUlid('coverage_run_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            // Of tasks that no rule gave to anybody: their kind, and a list with its value; all of the kind by ''.
            $table->string('kind', 60)->collation('utf8mb4_nopad_bin');
            $table->string('path', 120)->collation('utf8mb4_nopad_bin');
            $table->string('value', 120)->collation('utf8mb4_nopad_bin');
            $table->unsignedInteger('tasks');
            $table->primary(['coverage_run_id', 'day', 'kind', 'path', 'value']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('coverage_lefts');
        Schema::dropIfExists('coverage_meets');
        Schema::table('coverage_runs', static fn(Blueprint $table) => $table->dropColumn('whole_at'));
    }
};
