<?php

declare(strict_types=1);

use App\Access\Address;
use App\Database\Row;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        foreach (DB::table('users')->get(['id', 'email']) as $row) {
            $user = new Row($row);
            DB::table('users')
                ->where('id', $user->text('id'))
                ->update(['email' => Address::spelled($user->text('email'))]);
        }
        Schema::table('users', static function (Blueprint $table): void {
            // Addresses are kept as Address spells them, and compared by every character.
            $table->string('email', 200)->collation('utf8mb4_nopad_bin')->change();
            $table->timestamp('ended_at')->nullable();
        });
        Schema::create('invitations', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->unique()->constrained('users')->cascadeOnDelete();
            $table->char('token', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->timestamp('expires_at');
            $table->timestamps();
        });
        Schema::create('sign_in_attempts', static function (Blueprint $table): void {
            // A digest of whose attempts are counted.
            $table->char('key', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->unsignedInteger('failures');
            $table->timestamp('waits_until')->nullable();
            $table->timestamp('forgotten_at')->index();
        });
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id', 255)->charset('ascii')->collation('ascii_bin')->primary();
            $table->foreignUlid('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
    }

    public function down(): void
    {
        foreach (['sessions', 'sign_in_attempts', 'invitations'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('ended_at');
            $table->string('email', 255)->collation('utf8mb4_unicode_ci')->change();
        });
    }
};
