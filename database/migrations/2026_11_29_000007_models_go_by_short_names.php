<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** So that rows say what they are about whatever the classes are called. */
return new class extends Migration {
    private const COLUMNS = [
        ['personal_access_tokens', 'tokenable_type'],
        ['model_has_roles', 'model_type'],
        ['model_has_permissions', 'model_type'],
        ['activity_log', 'subject_type'],
        ['activity_log', 'causer_type'],
    ];

    public function up(): void
    {
        foreach (self::COLUMNS as [$table, $column]) {
            foreach (DB::table($table)->where($column, 'like', 'App%')->distinct()->pluck($column) as $class) {
                DB::table($table)
                    ->where($column, $class)
                    ->update([$column => Str::snake(class_basename(is_string($class) ? $class : ''))]);
            }
        }
    }
};
