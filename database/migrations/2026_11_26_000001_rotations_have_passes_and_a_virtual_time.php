<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('rotations', static fn(Blueprint $table) => $table->renameColumn('now', 'virtual_time'));
        Schema::table('rotation_seats', static fn(Blueprint $table) => $table->renameColumn('mark', 'pass'));
    }

    public function down(): void
    {
        Schema::table('rotations', static fn(Blueprint $table) => $table->renameColumn('virtual_time', 'now'));
        Schema::table('rotation_seats', static fn(Blueprint $table) => $table->renameColumn('pass', 'mark'));
    }
};
