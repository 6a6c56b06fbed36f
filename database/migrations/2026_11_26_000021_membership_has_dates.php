<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('team_members', static function (Blueprint $table): void {
            // First and last day in the team; null: from the beginning, for good.
            $table->date('from')->nullable();
            $table->date('until')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('team_members', static fn(Blueprint $table) => $table->dropColumn(['from', 'until']));
    }
};
