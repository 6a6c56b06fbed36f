<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            // The idempotency key under which it was sent, whose it is, and the hash of what was asked for.
            $table->foreignUlid('key_user_id')->nullable()->constrained('users')->restrictOnDelete();
            $table->string('key', 120)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->char('key_hash', 64)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->unique(['key_user_id', 'key']);
        });
        DB::statement(
            'UPDATE tasks JOIN intake_keys ON intake_keys.task_id = tasks.id SET tasks.key_user_id = ' .
                'intake_keys.user_id, tasks.`key` = intake_keys.`key`, tasks.key_hash = intake_keys.request_hash',
        );
        Schema::drop('intake_keys');
    }

    public function down(): void
    {
        Schema::create('intake_keys', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('key', 120)->charset('ascii')->collation('ascii_bin');
            $table->char('request_hash', 64)->charset('ascii')->collation('ascii_bin');
            $table->foreignUlid('task_id')->constrained();
            $table->timestamp('created_at');
            $table->unique(['user_id', 'key']);
        });
        DB::statement(
            'INSERT INTO intake_keys (user_id, `key`, request_hash, task_id, created_at) SELECT key_user_id, ' .
                '`key`, key_hash, id, arrived_at FROM tasks WHERE `key` IS NOT NULL',
        );
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropForeign(['key_user_id']);
            $table->dropUnique(['key_user_id', 'key']);
            $table->dropColumn(['key_user_id', 'key', 'key_hash']);
        });
    }
};
