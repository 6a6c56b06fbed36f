<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The map of the house as it was last worked out; nodes go by the ids that the core gives them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('map_drawings', static function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at');
        });
        Schema::create('map_nodes', static function (Blueprint $table): void {
            $table->id();
            $table->string('node')->collation('utf8mb4_nopad_bin')->unique();
            $table->string('kind', 20);
            $table->string('key')->collation('utf8mb4_nopad_bin');
            $table->string('name');
            $table->string('within')->collation('utf8mb4_nopad_bin')->nullable()->index();
            $table->json('can')->nullable();
            $table->unsignedInteger('can_number')->nullable();
            $table->json('pool')->nullable();
            $table->unsignedInteger('number');
            $table->unsignedInteger('median')->nullable();
            $table->unsignedInteger('ninety')->nullable();
        });
        Schema::create('map_arrows', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 20);
            $table->string('from_node')->collation('utf8mb4_nopad_bin')->index();
            $table->string('to_node')->collation('utf8mb4_nopad_bin')->index();
            // The groups in which they lie; none: in none.
            $table->string('from_within')->collation('utf8mb4_nopad_bin')->nullable();
            $table->string('to_within')->collation('utf8mb4_nopad_bin')->nullable();
            $table->boolean('defined');
            $table->unsignedInteger('number');
            $table->unsignedInteger('median')->nullable();
            $table->unsignedInteger('ninety')->nullable();
        });
        Schema::create('map_findings', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 20);
            $table->string('node')->collation('utf8mb4_nopad_bin');
            $table->string('person')->collation('utf8mb4_nopad_bin')->nullable();
            $table->unsignedInteger('number');
            $table->unsignedInteger('median')->nullable();
            $table->unsignedInteger('ninety')->nullable();
        });
    }

    public function down(): void
    {
        Schema::drop('map_findings');
        Schema::drop('map_arrows');
        Schema::drop('map_nodes');
        Schema::drop('map_drawings');
    }
};
