<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** "For ever" is ten years from now, in seconds since 1970: beyond an integer of 32 bits from January 2028 on. */
    private const TABLES = ['cache', 'cache_locks'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->bigInteger('expiration')->change();
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->integer('expiration')->change();
            });
        }
    }
};
