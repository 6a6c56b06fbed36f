<?php

declare(strict_types=1);

// Whole requests in one process, for the scripts of the benchmark that measure pages.

use App\Models\Access\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

const TIMES = 9;

// A page that nobody has loaded has no token.
ValidateCsrfToken::except(['*']);
config(['queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null'], 'session.driver' => 'array']);

/**
 * @param Closure(): Request $request
 *
 * @return float the median of some
 */
function milliseconds(Application $app, User $user, Closure $request, int $turns = TIMES): float
{
    $times = [];
    for ($time = 0; $time < $turns; ++$time) {
        $app->forgetScopedInstances();
        Auth::guard('web')->setUser($user);
        $begin = hrtime(true);
        $response = $app->make(Kernel::class)->handle($asked = $request());
        $times[] = (hrtime(true) - $begin) / 1e6;
        if (!$response->isSuccessful()) {
            throw new RuntimeException(
                "{$asked->path()} answered {$response->getStatusCode()}: " .
                    substr((string) $response->getContent(), 0, 500),
            );
        }
    }
    sort($times);

    return round($times[intdiv($turns, 2)], 1);
}
