<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* By every character, as documents do: two ids that a collation takes for one would be one row. */
return new class extends Migration {
    private const SLUGS = ['absences', 'checklists', 'customers', 'people', 'places', 'skills', 'teams'];

    public function up(): void
    {
        $this->store('utf8mb4_nopad_bin');
    }

    public function down(): void
    {
        $this->store('utf8mb4_unicode_ci');
    }

    private function store(string $collation): void
    {
        foreach (self::SLUGS as $table) {
            Schema::table(
                $table,
                static fn(Blueprint $blueprint) => $blueprint->string('slug', 120)->collation($collation)->change(),
            );
        }
        Schema::table(
            'task_kinds',
            static fn(Blueprint $table) => $table->string('slug', 60)->collation($collation)->change(),
        );
        Schema::table(
            'fields',
            static fn(Blueprint $table) => $table->string('path', 80)->collation($collation)->change(),
        );
        Schema::table(
            'decisions',
            static fn(Blueprint $table) => $table->string('rule', 120)->collation($collation)->nullable()->change(),
        );
    }
};
