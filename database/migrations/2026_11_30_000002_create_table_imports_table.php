<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tables that come in, carried out in the background piece by piece. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('table_imports', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('kind', 20);
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            // What is said in each line, with its number.
            $table->longText('rows');
            $table->unsignedInteger('total');
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('made')->default(0);
            $table->unsignedInteger('changed')->default(0);
            // Lines that were not right any more when their turn came: line and reason.
            $table->json('faults')->nullable();
            $table->timestamp('begun_at');
            $table->timestamp('ended_at')->nullable();
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            // Lines of tables come in once whoever sends them.
            $table->index('key');
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static fn(Blueprint $table) => $table->dropIndex(['key']));
        Schema::dropIfExists('table_imports');
    }
};
