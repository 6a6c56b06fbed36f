<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What customers ask for on the web form may open a case: of a kind, the track that it goes. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('task_kinds', static function (Blueprint $table): void {
            $table->foreignUlid('form_track_id')->nullable()->constrained('tracks')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('task_kinds', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('form_track_id');
        });
    }
};
