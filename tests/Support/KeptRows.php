<?php

declare(strict_types=1);

namespace Tests\Support;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use WeakReference;

/**
 * What tests begin with is made once by the application and then put there row by row, for as long as the clock shows
 * the same: to make a house takes 170 queries.
 */
final class KeptRows
{
    /** @var array<string, array<string, list<array<string, mixed>>>> rows by table, by what has made them */
    private static array $kept = [];

    /** What the database holds and nothing else; null: that is not known. */
    private static ?string $state = null;

    /** @var array<string, list<string>> columns by table, without those that the database works out */
    private static array $columns = [];

    /** @var WeakReference<Application>|null of the application that is listened to */
    private static ?WeakReference $heard = null;

    /**
     * @param string|null     $from what the database holds before; null: it is empty
     * @param Closure(): void $make
     */
    public static function put(?string $from, string $what, Closure $make): void
    {
        $state = $from . $what;
        if (!CarbonImmutable::hasTestNow() || $from !== ($from === null ? null : self::$state)) {
            self::$state = null;
            $make();

            return;
        }
        self::listen();
        if (isset(self::$kept[$state])) {
            self::replay(self::$kept[$from ?? ''] ?? [], self::$kept[$state]);
        } else {
            $make();
            self::$kept[$state] = self::rows();
        }
        self::$state = $state;
    }

    public static function state(): ?string
    {
        return self::$state;
    }

    /** Whatever is written elsewhere makes it another state. */
    private static function listen(): void
    {
        if (self::$heard?->get() === app()) {
            return;
        }
        self::$heard = WeakReference::create(app());
        DB::listen(static function (QueryExecuted $query): void {
            if (preg_match('/^\s*\(?(select|show|set|savepoint|release)\b/i', $query->sql) !== 1) {
                self::$state = null;
            }
        });
    }

    /**
     * @param array<string, list<array<string, mixed>>> $before
     * @param array<string, list<array<string, mixed>>> $after
     */
    private static function replay(array $before, array $after): void
    {
        Schema::withoutForeignKeyConstraints(static function () use ($before, $after): void {
            foreach ($after as $table => $rows) {
                if ($rows === ($before[$table] ?? [])) {
                    continue;
                }
                if (isset($before[$table])) {
                    DB::table($table)->delete();
                }
                foreach (array_chunk($rows, 200) as $piece) {
                    DB::table($table)->insert($piece);
                }
            }
        });
    }

    /** @return array<string, list<array<string, mixed>>> of all tables with rows */
    private static function rows(): array
    {
        $rows = [];
        foreach (self::columns() as $table => $columns) {
            $found = DB::table($table)->get($columns);
            if ($found->isNotEmpty()) {
                $rows[$table] = array_values($found->map(static fn(object $row): array => (array) $row)->all());
            }
        }

        return $rows;
    }

    /** @return array<string, list<string>> */
    private static function columns(): array
    {
        if (self::$columns === []) {
            foreach (Schema::getTableListing(DB::getDatabaseName(), false) as $table) {
                if ($table !== 'migrations') {
                    $stored = array_filter(
                        Schema::getColumns($table),
                        static fn(array $column): bool => $column['generation'] === null,
                    );
                    self::$columns[$table] = array_values(array_column($stored, 'name'));
                }
            }
        }

        return self::$columns;
    }
}
