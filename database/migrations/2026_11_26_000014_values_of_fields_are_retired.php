<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('fields', static function (Blueprint $table): void {
            // Values that are no longer offered; they stay among the options, so that what has them goes on being
            // known.
            $table->json('retired_options')->nullable()->after('options');
        });
    }

    public function down(): void
    {
        Schema::table('fields', static fn(Blueprint $table) => $table->dropColumn('retired_options'));
    }
};
