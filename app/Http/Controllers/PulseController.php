<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Row;
use App\Models\House\House;
use App\Models\Tasks\Task;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Says whether anything has changed since a page was made; pages ask every few seconds, by one small query. */
final class PulseController
{
    public function __invoke(Request $request): JsonResponse
    {
        // Whoever is signed in need not be looked up for this.
        $guard = Auth::guard('web');
        if (! $guard instanceof SessionGuard || (! $guard->hasUser() && ! $request->session()->has($guard->getName()))) {
            abort(401);
        }

        return new JsonResponse(['stamp' => self::stamp()], 200, ['Cache-Control' => 'no-store']);
    }

    /** Arrivals, which come one at a time, by the number of the last task; all else by what the house counts. */
    public static function stamp(): string
    {
        $last = Task::query()->select('number')->latest('number')->limit(1);
        $row = House::query()->select('changes')->addSelect(['arrived' => $last])->toBase()->first();

        if ($row === null) {
            return '';
        }
        $row = new Row($row);

        return "{$row->intOrNull('arrived')}-{$row->int('changes')}";
    }
}
