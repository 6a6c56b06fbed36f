<?php

declare(strict_types=1);

use App\Models\Cases\CustomerCase;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** In whose place somebody owns a case is looked for when they go and return. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('cases', static function (Blueprint $table): void {
            $table->foreignUlid('covering_for_id')->nullable()->constrained('people')->nullOnDelete();
        });
        foreach (CustomerCase::query()->whereNotNull('covering')->lazyById() as $case) {
            $case->update(['covering_for_id' => $case->covering['for'] ?? null]);
        }
    }

    public function down(): void
    {
        Schema::table('cases', static fn(Blueprint $table) => $table->dropConstrainedForeignId('covering_for_id'));
    }
};
