<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The address of whoever asked for a task, by a digest of what only they know.
        Schema::create('customer_links', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('task_id')->unique()->constrained()->cascadeOnDelete();
            $table->char('secret', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->timestamp('made_at');
        });
        // What other systems have sent once; sent again under the same key it is not done again.
        Schema::create('request_keys', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('key', 120)->charset('ascii')->collation('ascii_bin');
            $table->char('hash', 64)->charset('ascii')->collation('ascii_bin');
            $table->timestamp('at');
            $table->unique(['user_id', 'key']);
            $table->index('at');
        });
        Schema::table('task_files', static function (Blueprint $table): void {
            $table->boolean('from_customer')->default(false)->after('user_id');
        });
        Schema::table('houses', static function (Blueprint $table): void {
            // What a customer reads of each status; what is not there goes by the words file.
            $table->json('customer_words')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('houses', static fn(Blueprint $table) => $table->dropColumn('customer_words'));
        Schema::table('task_files', static fn(Blueprint $table) => $table->dropColumn('from_customer'));
        Schema::dropIfExists('request_keys');
        Schema::dropIfExists('customer_links');
    }
};
