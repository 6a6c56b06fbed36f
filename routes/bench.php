<?php

declare(strict_types=1);

// Only for bin/baton bench: what the same server does at the very least for a request that commits something.

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

$commit = static function (): JsonResponse {
    DB::transaction(static function (): void {
        for ($row = 1; $row <= 3; ++$row) {
            DB::table('bench_rows')->insert(['row' => $row, 'said' => 'three small rows']);
        }
    });

    return new JsonResponse(['committed' => 3], 201);
};

Route::post('bench/bare', $commit);
// The same for somebody known, as every request to the API is.
Route::post('bench/known', $commit)->middleware(['auth:sanctum', 'throttle:api']);
