<?php

declare(strict_types=1);

namespace App\Logging;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use Throwable;

/** Logs what the database refused without the values that were meant for it: they are people's. */
final class WithoutValues
{
    /** @return false the framework is not to log it as well */
    public static function report(QueryException $error): bool
    {
        Log::error('The database has refused a statement.', [
            'state' => $error->errorInfo[0] ?? null,
            'code' => $error->errorInfo[1] ?? null,
            'statement' => $error->getSql(),
            'at' => self::place($error),
        ]);

        return false;
    }

    /** What an error says, without the values that it may have been about. */
    public static function said(Throwable $error): string
    {
        return $error instanceof QueryException ? "the database has refused {$error->getSql()}" : $error->getMessage();
    }

    /** Where of the application's own code it came from. */
    private static function place(Throwable $error): string
    {
        foreach ($error->getTrace() as $step) {
            if (str_starts_with($step['file'] ?? '', app_path())) {
                return str_replace(base_path() . '/', '', (string) ($step['file'] ?? '')) . ':' . ($step['line'] ?? 0);
            }
        }

        return '';
    }
}
