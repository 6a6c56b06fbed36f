<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\ParallelTesting;
use Illuminate\Support\Facades\Schema;

/** A database beside that of the tests, for what is really committed: one for each process that tests run in. */
final class OwnDatabase
{
    /** @var array<string, list<string>> tables by database that this process has made */
    private static array $made = [];

    /** @return string as use() gives it, with all tables and no rows */
    public static function clear(string $purpose): string
    {
        $name = self::use($purpose);
        if (!isset(self::$made[$name])) {
            Artisan::call('migrate:fresh');
            self::$made[$name] = array_values(array_diff(Schema::getTableListing($name, false), ['migrations']));
        }
        Schema::withoutForeignKeyConstraints(static function () use ($name): void {
            foreach (self::$made[$name] as $table) {
                if (DB::table($table)->exists()) {
                    DB::table($table)->truncate();
                }
            }
        });

        return $name;
    }

    /** @return string what it is called, now that this process works on it */
    public static function use(string $purpose): string
    {
        $token = ParallelTesting::token();
        $name = "openbaton_{$purpose}" . ($token === false ? '' : "_{$token}");
        if (!in_array($name, array_column(Schema::getSchemas(), 'name'), true)) {
            Schema::createDatabase($name);
        }
        config(['database.connections.mariadb.database' => $name]);
        DB::purge();

        return $name;
    }
}
