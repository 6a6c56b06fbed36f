<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A draft that is published at a time, by itself. */
return new class extends Migration {
    public function up(): void
    {
        $this->onlyOneOf("'draft', 'published', 'planned'");
        Schema::table('rulebook_versions', static function (Blueprint $table): void {
            $table->timestamp('publish_at')->nullable();
            // Why it could not be published when its time had come.
            $table->string('fault', 500)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('rulebook_versions', static function (Blueprint $table): void {
            $table->dropColumn(['publish_at', 'fault']);
        });
        $this->onlyOneOf("'draft', 'published'");
    }

    private function onlyOneOf(string $states): void
    {
        Schema::table('rulebook_versions', static function (Blueprint $table): void {
            $table->dropUnique('rulebook_versions_only_one');
            $table->dropColumn('only_one');
        });
        Schema::table('rulebook_versions', static function (Blueprint $table) use ($states): void {
            $table->string('only_one', 20)->storedAs("CASE WHEN state IN ({$states}) THEN state END");
            $table->unique('only_one', 'rulebook_versions_only_one');
        });
    }
};
