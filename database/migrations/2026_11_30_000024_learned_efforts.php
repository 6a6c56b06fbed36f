<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What tasks of each kind have really taken lately, worked out in the background. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('learned_efforts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('task_kind_id')->constrained()->cascadeOnDelete();
            // Of those with a value of a field that is a list; both empty: of all.
            $table->string('path', 120)->default('');
            $table->string('value', 120)->default('');
            foreach (['counted', 'without', 'quarter', 'median', 'three_quarters', 'ninety'] as $figure) {
                $table->unsignedInteger($figure);
            }
            $table->unique(['task_kind_id', 'path', 'value']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('learned_efforts');
    }
};
