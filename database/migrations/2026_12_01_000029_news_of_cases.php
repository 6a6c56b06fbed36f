<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** People are told of cases as of tasks. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('notices', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->constrained()->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('notices', static fn(Blueprint $table) => $table->dropConstrainedForeignId('case_id'));
    }
};
