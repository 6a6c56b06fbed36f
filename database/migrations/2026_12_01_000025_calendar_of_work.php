<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tasks are looked for by the day on which they are due or were done, and a secret address says what is read there. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->index('due_at');
            $table->index('completed_at');
        });
        Schema::table('calendar_feeds', static function (Blueprint $table): void {
            $table->string('what', 10)->charset('ascii')->collation('ascii_bin')->default('absences');
            $table->unique(['person_id', 'what']);
            $table->unique(['team_id', 'what']);
        });
        Schema::table('calendar_feeds', static function (Blueprint $table): void {
            $table->dropUnique(['person_id']);
            $table->dropUnique(['team_id']);
        });
    }

    public function down(): void
    {
        Schema::table('calendar_feeds', static function (Blueprint $table): void {
            $table->unique('person_id');
            $table->unique('team_id');
        });
        Schema::table('calendar_feeds', static function (Blueprint $table): void {
            $table->dropUnique(['person_id', 'what']);
            $table->dropUnique(['team_id', 'what']);
            $table->dropColumn('what');
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropIndex(['due_at']);
            $table->dropIndex(['completed_at']);
        });
    }
};
