<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What has to be there before tasks of a kind are completed. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('task_kinds', static function (Blueprint $table): void {
            $table->json('to_complete')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('task_kinds', static fn(Blueprint $table) => $table->dropColumn('to_complete'));
    }
};
