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

    /**
     * Every change of state is recorded, so the last records stand for the
     * state: arrivals, which come one at a time, by the number of the task, all
     * else in the activity log. There a record may be committed after one with
     * a higher number, so that the last hundred are added up.
     */
    public static function stamp(): string
    {
        $recent = DB::table('activity_log')->orderByDesc('id')->limit(100)->select('id');
        $row = DB::query()
            ->selectSub(DB::table('tasks')->selectRaw('MAX(number)'), 'arrived')
            ->selectSub(DB::query()->fromSub($recent, 'recent')->selectRaw('SUM(id)'), 'changed')
            ->first();

        return "{$row?->arrived}-{$row?->changed}";
    }
}
