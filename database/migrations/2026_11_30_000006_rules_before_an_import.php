<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the draft was before rules were read into it from a file. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('rulebook_versions', static function (Blueprint $table): void {
            $table->longText('before_import')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('rulebook_versions', static fn(Blueprint $table) => $table->dropColumn('before_import'));
    }
};
