<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\ParallelTesting;
use Illuminate\Support\Facades\Schema;

/** A database beside that of the tests, for what is really committed: one for each process that tests run in. */
final class OwnDatabase
{
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
