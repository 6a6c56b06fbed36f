<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A message is about a task or a case, or about none. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('messages', static function (Blueprint $table): void {
            $table->foreignUlid('case_id')->nullable()->after('task_id')->constrained()->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('messages', static fn(Blueprint $table) => $table->dropConstrainedForeignId('case_id'));
    }
};
