<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->string('intake_paused_reason', 200)->nullable()->after('intake_paused_until');
        });
    }

    public function down(): void
    {
        Schema::table('people', static fn(Blueprint $table) => $table->dropColumn('intake_paused_reason'));
    }
};
