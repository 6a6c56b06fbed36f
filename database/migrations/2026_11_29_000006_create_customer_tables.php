<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** For whom the work is done. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('customers', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->collation('utf8mb4_nopad_bin')->unique();
            $table->string('name')->index();
            $table->string('tier', 30);
            $table->foreignUlid('place_id')->nullable()->constrained()->nullOnDelete();
            $table->string('contact')->nullable();
            $table->boolean('on_form')->default(false);
            $table->foreignUlid('owner_id')->nullable()->constrained('people')->nullOnDelete();
            $table->json('facts')->default('{}');
            $table->timestamps();
            $table->fullText('name');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('customers');
    }
};
