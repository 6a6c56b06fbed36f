<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Lists of cases have names as those of tasks. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('task_lists', static function (Blueprint $table): void {
            // Of what: tasks or cases.
            $table->string('of', 10)->charset('ascii')->collation('ascii_bin')->default('tasks');
        });
    }

    public function down(): void
    {
        Schema::table('task_lists', static fn(Blueprint $table) => $table->dropColumn('of'));
    }
};
