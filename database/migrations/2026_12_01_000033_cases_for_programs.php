<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a program has had made under a key is known by it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('request_keys', static function (Blueprint $table): void {
            $table->ulid('made_id')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('request_keys', static fn(Blueprint $table) => $table->dropColumn('made_id'));
    }
};
