<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('houses', function (Blueprint $table): void {
            // Grows with every save, publishing and discarding of a draft and never goes back, so that
            // nobody overwrites what they have not seen, and a page can tell older news from newer.
            $table->unsignedBigInteger('draft_revision')->default(1)->after('roster_revision');
        });
        Schema::table('rulebook_versions', function (Blueprint $table): void {
            $table->dropColumn('revision');
        });
    }

    public function down(): void
    {
        Schema::table('rulebook_versions', function (Blueprint $table): void {
            $table->unsignedInteger('revision')->default(1)->after('note');
        });
        Schema::table('houses', function (Blueprint $table): void {
            $table->dropColumn('draft_revision');
        });
    }
};
