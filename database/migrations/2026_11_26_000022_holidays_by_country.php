<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('houses', static function (Blueprint $table): void {
            // Holidays that people may have in place of those of the house, with id and name.
            $table->json('calendars')->nullable()->after('holidays');
        });
        Schema::table('people', static function (Blueprint $table): void {
            // The id of one of them.
            $table->string('calendar', 120)->nullable()->after('holidays');
        });
    }

    public function down(): void
    {
        Schema::table('people', static fn(Blueprint $table) => $table->dropColumn('calendar'));
        Schema::table('houses', static fn(Blueprint $table) => $table->dropColumn('calendars'));
    }
};
