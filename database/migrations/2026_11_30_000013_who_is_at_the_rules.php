<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who has the rulebook open to write it, and at which rule they are. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('rulebook_writers', static function (Blueprint $table): void {
            $table->foreignUlid('user_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('rule_id', 120)->nullable();
            $table->timestamp('seen_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rulebook_writers');
    }
};
