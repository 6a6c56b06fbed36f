<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('absences', static function (Blueprint $table): void {
            // Why its work is being moved, until all of it has.
            $table->string('settling', 20)->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::table('absences', static function (Blueprint $table): void {
            $table->dropColumn('settling');
        });
    }
};
