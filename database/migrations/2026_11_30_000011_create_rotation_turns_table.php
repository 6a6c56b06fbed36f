<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What has become of rotations: turns that were taken, and what leads have corrected. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('rotation_turns', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('rotation_id')->constrained()->cascadeOnDelete();
            $table->timestamp('at');
            // taken, skipped, put_back, begun_anew
            $table->string('kind', 20)->charset('ascii')->collation('ascii_bin');
            // Who took it, and in whose place.
            $table->foreignUlid('person_id')->nullable()->constrained('people')->cascadeOnDelete();
            $table->foreignUlid('for_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignUlid('task_id')->nullable()->constrained()->cascadeOnDelete();
            // Who came before them but could not take it: person, reasons and figures, as a decision records them.
            $table->json('passed_over');
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('reason', 500)->nullable();
            $table->index(['rotation_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rotation_turns');
    }
};
