<?php

declare(strict_types=1);

use App\Http\Controllers\UpController;
use App\Http\Middleware\EndsWithThePerson;
use App\Http\Middleware\KeepFlash;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\OwnReferer;
use App\Http\Middleware\ReadableAgent;
use App\Http\Middleware\RefuseBrokenText;
use App\Http\Middleware\RefuseLargeBodies;
use App\Http\Middleware\SecureHeaders;
use App\Http\Middleware\ShareWithPages;
use App\Http\Problems;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: array_map(static fn(string $file): string => __DIR__ . "/../routes/{$file}.php", [
            'web',
            'cases',
            'approvals',
            'duties',
            'runsheets',
            'rollouts',
            'rulebook',
            'reading',
        ]),
        api: [
            __DIR__ . '/../routes/api.php',
            ...getenv('BATON_BENCH') === '1' ? [__DIR__ . '/../routes/bench.php'] : [],
        ],
        commands: __DIR__ . '/../routes/console.php',
        then: static function (): void {
            Route::get('up', UpController::class);
        },
        apiPrefix: 'api/v1',
    )
    // AppServiceProvider names the listeners; found by themselves, they would be called twice.
    ->withEvents(discover: false)
    ->withMiddleware(static function (Middleware $middleware): void {
        // What is in a draft is kept as it was typed, and there may be much of it.
        $isDraft = static fn(Request $request): bool => $request->is(
            'rulebook/draft',
            'rulebook/import',
            'rulebook/import/preview',
            'rulebook/table/read',
            'rulebook/sweeps',
            'rulebook/sweeps/*',
            'roster/*',
            'api/*',
        );
        $middleware->trimStrings(except: [$isDraft]);
        $middleware->convertEmptyStringsToNull(except: [$isDraft]);
        $middleware->prepend([SecureHeaders::class, KnownHosts::class, ReadableAgent::class, RefuseLargeBodies::class]);
        $middleware->web(
            prepend: [OwnReferer::class],
            append: [KeepFlash::class, EndsWithThePerson::class, ShareWithPages::class, RefuseBrokenText::class],
        );
        $middleware->api(append: [RefuseBrokenText::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })
    ->create();
