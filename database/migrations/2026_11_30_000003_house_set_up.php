<?php

declare(strict_types=1);

use Carbon\CarbonImmutable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Since when the house needs no setting up any more. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('houses', static function (Blueprint $table): void {
            $table->timestamp('set_up_at')->nullable();
        });
        // What routes work already is set up.
        if (DB::table('rulebook_versions')->where('state', 'published')->exists()) {
            DB::table('houses')->update(['set_up_at' => CarbonImmutable::now()]);
        }
    }

    public function down(): void
    {
        Schema::table('houses', static fn(Blueprint $table) => $table->dropColumn('set_up_at'));
    }
};
