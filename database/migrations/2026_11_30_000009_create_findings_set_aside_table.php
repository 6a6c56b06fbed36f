<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What checks have found of the rules and somebody has said is meant so. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('findings_set_aside', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            // Of what was found and of the rules that it names: where one of them changes, it is told again.
            $table->char('signature', 32)->charset('ascii')->collation('ascii_bin')->unique();
            $table->string('reason', 500);
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('set_aside_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('findings_set_aside');
    }
};
