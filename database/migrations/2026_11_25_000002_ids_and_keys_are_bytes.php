<?php

declare(strict_types=1);

use App\Database\Row;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * Ids, keys and hashes are the same where their bytes are: two keys that
 * differ in case are two keys. Tables made from now on have such ids from the
 * beginning (TableBlueprint); this is for those that are older.
 */
return new class extends Migration {
    private const ULID = 'char(26)';

    private const OTHERS = [
        ['tasks', 'status'],
        ['intake_keys', 'key'],
        ['intake_keys', 'request_hash'],
        ['personal_access_tokens', 'token'],
    ];

    public function up(): void
    {
        $this->store('ascii', 'ascii_bin');
    }

    public function down(): void
    {
        $this->store('utf8mb4', 'utf8mb4_unicode_ci');
    }

    private function store(string $charset, string $collation): void
    {
        $changes = $drops = $adds = [];
        $columns = DB::table('information_schema.columns')
            ->whereRaw('table_schema = DATABASE()')
            ->where('collation_name', '<>', $collation)
            ->where(static function (Builder $which): void {
                $which->where('column_type', self::ULID);
                foreach (self::OTHERS as [$table, $column]) {
                    $which->orWhere(
                        static fn(Builder $other): Builder => $other
                            ->where('table_name', $table)
                            ->where('column_name', $column),
                    );
                }
            })
            ->get(['table_name AS of', 'column_name AS name', 'column_type AS type', 'is_nullable AS nullable']);
        $withIds = [];
        foreach ($columns as $column) {
            $column = new Row($column);
            $table = $column->text('of');
            if ($column->text('type') === self::ULID) {
                $withIds[$table] = true;
            }
            $changes[$table][] =
                "MODIFY `{$column->text('name')}` {$column->text(
                    'type',
                )} CHARACTER SET {$charset} COLLATE {$collation}" .
                ($column->text('nullable') === 'YES' ? ' NULL' : ' NOT NULL');
        }
        foreach (array_keys($withIds) as $table) {
            /**
             * @var list<array{name: string, columns: list<string>, foreign_table: string,
             *     foreign_columns: list<string>, on_delete: string, on_update: string}> $keys
             */
            $keys = Schema::getForeignKeys($table);
            foreach ($keys as $key) {
                $drops[$table][] = "DROP FOREIGN KEY `{$key['name']}`";
                $adds[
                    $table
                ][] = "ADD CONSTRAINT `{$key['name']}` FOREIGN KEY (`{$key['columns'][0]}`) REFERENCES `{$key['foreign_table']}` (`{$key['foreign_columns'][0]}`) ON DELETE {$key['on_delete']} ON UPDATE {$key['on_update']}";
            }
        }
        // Both ends of a foreign key must be of one kind, so that the keys go for the time being.
        foreach ([$drops, $changes, $adds] as $step) {
            foreach ($step as $table => $alterations) {
                DB::statement("ALTER TABLE `{$table}` " . implode(', ', $alterations));
            }
        }
    }
};
