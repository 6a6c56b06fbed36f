<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('coverage_runs', static function (Blueprint $table): void {
            // The number of the last task whose dates were looked at.
            $table->unsignedBigInteger('through_task')->default(0)->after('through_change');
        });
        Schema::table('coverage_acts', static function (Blueprint $table): void {
            // How many of the times follow from dates as they are now, since nobody has recorded them.
            $table->unsignedInteger('estimated')->default(0)->after('times');
        });
    }

    public function down(): void
    {
        Schema::table('coverage_acts', static fn(Blueprint $table) => $table->dropColumn('estimated'));
        Schema::table('coverage_runs', static fn(Blueprint $table) => $table->dropColumn('through_task'));
    }
};
