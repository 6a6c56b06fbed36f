<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->json('attribute_list')->nullable()->after('open_tasks_at_most');
            $table
                ->foreignUlid('place_id')
                ->nullable()
                ->after('attribute_list')
                ->constrained('places')
                ->restrictOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('place_id');
            $table->dropColumn('attribute_list');
        });
    }
};
