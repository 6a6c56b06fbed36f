<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->string('email', 200)->nullable()->after('name');
            $table->string('phone', 60)->nullable()->after('email');
            $table->unsignedSmallInteger('open_tasks_at_most')->nullable()->after('capacity_minutes');
        });
    }

    public function down(): void
    {
        Schema::table(
            'people',
            static fn(Blueprint $table) => $table->dropColumn(['email', 'phone', 'open_tasks_at_most']),
        );
    }
};
