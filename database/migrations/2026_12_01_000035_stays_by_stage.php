<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether a case was ever in a stage is asked when the stage is left out of its track. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table(
            'case_stays',
            static fn(Blueprint $table) => $table->index(['track_id', 'stage'], 'case_stays_of_stage'),
        );
    }

    public function down(): void
    {
        Schema::table('case_stays', static fn(Blueprint $table) => $table->dropIndex('case_stays_of_stage'));
    }
};
