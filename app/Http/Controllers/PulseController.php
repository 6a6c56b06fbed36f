<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Says whether anything has changed since a page was made; pages ask every few seconds. */
final class PulseController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['stamp' => self::stamp()], 200, ['Cache-Control' => 'no-store']);
    }

    /** Every change of state is recorded, so the last record stands for the state. */
    public static function stamp(): string
    {
        $last = DB::table('activity_log')->max('id');

        return is_numeric($last) ? (string) $last : '0';
    }
}
