<?php

declare(strict_types=1);

use App\Database\TableBlueprint;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** For whom the work is done. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('customers', static function (TableBlueprint $table): void {
            $table->ulid('id')->primary();
            $table->slug('slug', 120)->unique();
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
