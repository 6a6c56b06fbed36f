<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A case that came in as a line of a table comes in once. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('cases', static function (Blueprint $table): void {
            $table->string('key', 120)->charset('ascii')->collation('ascii_bin')->nullable()->unique();
        });
    }

    public function down(): void
    {
        Schema::table('cases', static fn(Blueprint $table) => $table->dropColumn('key'));
    }
};
